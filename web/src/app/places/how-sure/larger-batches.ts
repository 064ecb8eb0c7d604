import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { sharedAndRandom, type Chances } from '@ypsigram/core/chance';
import { ofHundred, plusMinus } from './wording';

/** A batch so many times this one, and what came of it. */
export interface BatchOutcome {
  readonly times: number;
  readonly chances: Chances;
}

/** How the chance changes with the batch, and why. */
@Component({
  selector: 'yg-larger-batches',
  template: `
    <div class="scroll" tabindex="0" role="region" aria-label="Bigger batches in numbers">
      <table>
        <thead>
          <tr>
            <th scope="col">batch</th>
            <th scope="col" class="right">good bakes</th>
            <th scope="col" class="right">{{ base() }}: from the tool and the hand</th>
            <th scope="col" class="right">from fill to fill</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.name) {
            <tr>
              <th scope="row">{{ row.name }}</th>
              <td class="figure right">{{ row.good }} <small>in 100</small></td>
              <td class="figure right">{{ row.shared }}</td>
              <td class="figure right">{{ row.random }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <p class="soft">
      A cup that is too large, or a hand that fills too full, is wrong in the same way at every
      fill, so a bigger batch is off by just as many percent. The small differences from fill to
      fill even out over more fills. A bigger batch may also use other tools, which can make it
      better or worse.
    </p>
  `,
  styleUrl: './tables.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LargerBatches {
  readonly outcomes = input.required<readonly BatchOutcome[]>();

  protected readonly base = computed(() => this.outcomes()[0]!.chances.base);
  protected readonly rows = computed(() =>
    this.outcomes().map(({ times, chances }) => {
      const { shared, random } = sharedAndRandom(chances.baseMass);
      return {
        name: times === 1 ? 'this batch' : `${times} times this`,
        good: ofHundred(chances.good),
        shared: plusMinus(shared),
        random: plusMinus(random),
      };
    }),
  );
}
