import { measureText, weightText } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { moreOrLess } from '@ypsigram/contract/bench';
import { LEANING } from '@ypsigram/core/baking';
import { asWeighed, supersededWeights, type BenchRoute } from '@ypsigram/core/bench';
import { Beam } from '../../../kit/beam/beam';
import { showTime } from '../../../kit/figures/dates';
import { decimal, grams } from '../../../kit/figures/figures';
import { RatioTable } from '../../../kit/ratio-table/ratio-table';
import { selectReadings } from '../../../state/bake/bake.selectors';
import { BakeSession } from '../../../state/bake/bake-session';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';

const ROUTE_WORDS: Readonly<Record<BenchRoute, string>> = {
  fill: 'filled',
  container: 'weighed',
  tare: 'in the bowl, tared',
  total: 'in the bowl, running total',
  beam: 'on the beam',
};
const ON_PAPER = 'written down later';
const HEAVIEST_GRAMS = 100_000;

/** What was meant, planned and weighed of each line, in one ledger with the beam. */
@Component({
  selector: 'yg-record-ledger',
  imports: [Beam, RatioTable],
  templateUrl: './record-ledger.html',
  styleUrl: './record-ledger.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecordLedger {
  private readonly session = inject(BakeSession);
  private readonly shelf = inject(Store).selectSignal(selectShelf);

  private readonly readings = inject(Store).selectSignal(selectReadings);
  private readonly superseded = computed(() => supersededWeights(this.readings()));

  protected readonly isWriting = signal(false);
  protected readonly leaning = LEANING;
  protected readonly sides = {
    left: 'the tray',
    right: 'the recipe',
    level: 'Level: what went in is as the recipe means it.',
  };
  protected readonly rows = computed(() =>
    (this.session.state()?.lines ?? []).map(
      ({
        line,
        wantedGrams,
        grams: real,
        weighedGrams,
        weighedBy,
        fills,
        route,
        off,
        fullness,
      }) => ({
        id: line.id,
        name: line.name,
        meant: wantedGrams === null ? '' : grams(wantedGrams),
        planned:
          route === 'fill' && line.measure
            ? measureText(line.measure)
            : line.weight
              ? weightText(line.weight)
              : line.measure
                ? measureText(line.measure)
                : '',
        real: real === null ? '' : grams(real),
        // Two weighed it: the later weight holds, and the other one is no secret.
        before: this.superseded()
          .filter((one) => one.line === line.id)
          .map((one) => `${grams(one.grams)} on another device at ${showTime(one.at)}`),
        how:
          weighedGrams !== null
            ? ROUTE_WORDS[weighedBy ?? 'container']
            : fills.length > 0
              ? fills.every((fill) => fill.grams !== null)
                ? 'filled over the scale'
                : ROUTE_WORDS.fill
              : fullness === 'full'
                ? 'in'
                : '',
        off: off === null ? '' : moreOrLess(off),
        gap: real === null || wantedGrams === null ? null : real / wantedGrams - 1,
        tolerance: line.tolerance,
        forgiven: line.forgiven,
      }),
    ),
  );
  protected readonly weighed = computed(() => {
    const state = this.session.state();
    return state && asWeighed(state, this.shelf());
  });

  /** What was weighed on paper, in grams. */
  protected write(line: string, typed: string): void {
    const mass = decimal(typed);
    if (mass === null || mass > HEAVIEST_GRAMS) return;
    this.session.do({ do: 'weigh', line, route: 'container', grams: mass, scale: ON_PAPER });
  }
}
