import { measureText } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { PlanLine } from '@ypsigram/core/batch';
import type { ChanceLine, Chances } from '@ypsigram/core/chance';
import { grams } from '../../kit/figures/figures';
import { ofHundred } from './wording';

/** Less than this share of a spread is nothing. */
const SEEN = 0.01;

/** Each ingredient on its own: how it is done, how often it is near enough, and how far it strays. */
@Component({
  selector: 'yg-line-chances',
  template: `
    <div class="scroll" tabindex="0" role="region" aria-label="Each ingredient on its own">
      <table>
        <thead>
          <tr>
            <th scope="col">ingredient</th>
            <th scope="col">measured with</th>
            <th scope="col" class="right">near enough, % of bakes</th>
            <th scope="col" class="right">in nine of ten bakes</th>
            <th scope="col">hand</th>
            <th scope="col">matters most for</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.index) {
            <tr>
              <th scope="row">{{ row.written }}</th>
              <td>{{ row.how }}</td>
              <td class="figure right">{{ row.within }}</td>
              <td class="figure right">{{ row.range }} <small>g</small></td>
              <td class="soft">{{ row.hand }}</td>
              <td>{{ row.share }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: './tables.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineChances {
  readonly lines = input.required<readonly ChanceLine[]>();
  readonly chances = input.required<Chances>();
  readonly plan = input.required<readonly PlanLine[]>();

  protected readonly rows = computed(() =>
    this.lines().flatMap((line, at) => {
      const { index, route, hand, isHandKnown, intendedGrams } = line;
      const outcome = this.chances().lines[at];
      const planned = this.plan()[index];
      if (!outcome || !planned) return [];
      const [low, , , , high] = outcome.quantiles;
      const isFilled = route === 'measure' && hand !== null;
      return [
        {
          index,
          written: planned.written.trim(),
          how:
            route === 'weigh' ? 'the scale' : planned.measure ? measureText(planned.measure) : '',
          within: ofHundred(outcome.within),
          range: `${grams(intendedGrams * (1 + low))} to ${grams(intendedGrams * (1 + high))}`,
          share: this.largestShare(index),
          hand: isFilled ? (isHandKnown ? 'known' : 'assumed') : '',
        },
      ];
    }),
  );

  /** The ratio whose spread this line has the largest part in, of its own: "63 % of the water’s". */
  private largestShare(index: number): string {
    const shares = Object.entries(this.chances().ratios).map(
      ([part, { byLine }]) => [part, byLine[index] ?? 0] as const,
    );
    const [part, share] = shares.reduce((most, one) => (one[1] > most[1] ? one : most), ['', 0]);
    return share < SEEN ? '' : `the ${part}: ${Math.round(100 * share)} % of its variation`;
  }
}
