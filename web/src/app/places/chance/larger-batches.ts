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
    <div class="scroll" tabindex="0" role="region" aria-label="Larger batches">
      <table>
        <thead>
          <tr>
            <th scope="col">batch</th>
            <th scope="col" class="right">comes out</th>
            <th scope="col" class="right">{{ base() }}: shared by all fills</th>
            <th scope="col" class="right">luck of each fill</th>
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
      What a cup holds too much and a hand fills too full, it does at every fill: it adds up with
      the batch and stays as large. What each fill does by luck evens out over more of them. Other
      tools and fewer fills for a larger batch can tip it either way.
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
        name: times === 1 ? 'as it is' : `${times} times this`,
        good: ofHundred(chances.good),
        shared: plusMinus(shared),
        random: plusMinus(random),
      };
    }),
  );
}
