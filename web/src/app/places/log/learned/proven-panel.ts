import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { LearnedReply } from '@ypsigram/contract/log';
import { fixed } from '@ypsigram/contract';
import { grams } from '../../../kit/figures/figures';

/** The weights that good bakes have proved, which the next plan goes by. */
@Component({
  selector: 'yg-proven-panel',
  template: `
    <section class="enamel" aria-labelledby="proven">
      <h2 id="proven">Proven weights</h2>
      @if (rows().length > 0) {
        <p class="soft">
          What good bakes weighed, at ×1. Plans go by them until you take a bake back or set a
          weight yourself.
        </p>
        <table>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col" class="right">Weight</th>
              <th scope="col" class="right">From bake to bake</th>
              <th scope="col">Proven by</th>
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track $index) {
              <tr>
                <th scope="row">{{ row.written }}</th>
                <td class="right figure">{{ row.grams }} g</td>
                <td class="right figure">{{ row.spread }}</td>
                <td>{{ row.bakes }}</td>
              </tr>
            }
          </tbody>
        </table>
      } @else {
        <p>
          None yet. When a bake came out as you like it, open it and choose
          <b>Use these amounts next time</b>: you have the weights for every time after.
        </p>
      }
    </section>
  `,
  styles: `
    section {
      padding: 0.8rem 1.1rem;
    }
    table {
      width: 100%;
    }
    th,
    td {
      padding: 0.2rem 0.6rem 0.2rem 0;
      border-bottom: 1px solid var(--yg-rule);
      font-weight: 400;
    }
    thead th {
      color: var(--yg-ink-soft);
      font-size: 0.9rem;
    }
    .right {
      text-align: right;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProvenPanel {
  readonly proven = input.required<LearnedReply['proven']>();

  protected readonly rows = computed(() =>
    this.proven().map(({ written, grams: mass, spread, bakes }) => ({
      written,
      grams: grams(mass),
      spread: bakes === 1 ? '' : `± ${fixed(100 * spread, 1)} %`,
      bakes: bakes === 1 ? '1 bake' : `${bakes} bakes`,
    })),
  );
}
