import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { fixed } from '@ypsigram/contract';
import { moreOrLess } from '@ypsigram/contract/bench';
import { asWeighed, doughGrams, knownLines, type BenchRoute } from '@ypsigram/core/bench';
import { LEANING } from '@ypsigram/core/baking';
import { isWithin } from '@ypsigram/core/fills';
import { Beam } from '../../../kit/beam/beam';
import { grams as inGrams } from '../../../kit/figures/figures';
import { RatioTable } from '../../../kit/ratio-table/ratio-table';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { signedPercent } from '../../../kit/figures/figures';
import { ChanceRuns } from '../../../workers/chance-runs';
import { BenchSession } from '../work/bench-session';
import { PortionsPanel } from './portions-panel';

const BAKES = 20_000;
const SEED = 1;
const WANTED = 0.9;

/** How something was weighed, in a word or two. */
const WEIGHED_BY: Readonly<Record<BenchRoute, string>> = {
  fill: 'weighed',
  container: 'weighed',
  tare: 'weighed in the bowl',
  total: 'weighed by running total',
  beam: 'weighed on the beam',
};

/** How the tray stands: its real ratios beside those that were meant, and the chance that follows. */
@Component({
  selector: 'yg-bench-finish',
  imports: [Beam, PortionsPanel, RatioTable],
  templateUrl: './bench-finish.html',
  styleUrl: './bench-finish.scss',
  providers: [ChanceRuns],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BenchFinish {
  readonly isDone = input.required<boolean>();
  readonly onward = output<void>();
  readonly back = output<void>();

  private readonly session = inject(BenchSession);
  private readonly runs = inject(ChanceRuns);
  private readonly shelf = inject(Store).selectSignal(selectShelf);
  private readonly good = signal<number | null>(null);

  /** It has left the bench for the oven. */
  protected readonly isBeyond = computed(() => this.session.state()?.stage !== 'bench');
  protected readonly heading = computed(() => {
    if (this.isBeyond()) return 'Weighed, on to the oven';
    return this.isDone() ? 'The tray is full' : 'How it stands';
  });
  protected readonly sides = {
    left: 'the tray',
    right: 'the recipe',
    level: 'Level: the tray is as the recipe means it.',
  };
  protected readonly leaning = LEANING;
  protected readonly weighed = computed(() => {
    const state = this.session.state();
    return state && asWeighed(state, this.shelf());
  });
  protected readonly worst = computed(() => {
    const worst = this.weighed()?.worst;
    return worst && { ...worst, name: worst.part, off: signedPercent(worst.drift) };
  });
  protected readonly grams = computed(() => inGrams(this.weighed()?.grams ?? 0));
  private readonly measuredDough = computed(() => this.session.state()?.doughGrams ?? null);
  private readonly doughByTray = computed(() => {
    const state = this.session.state();
    return state ? doughGrams(state) : 0;
  });
  protected readonly doughGrams = computed(() => this.measuredDough() ?? this.doughByTray());
  /** What is known now leads to this. */
  protected readonly chance = computed(() => {
    const good = this.good();
    if (good === null) return null;
    const of100 = Math.round(100 * good);
    if (of100 === 100) return 'Everything is within what this bake forgives.';
    if (of100 === 0) return 'It is more than this bake forgives: it will show.';
    return `By what is known now, ${of100} of 100 trays like this come out as meant.`;
  });
  /** What each line was and how it got in. */
  protected readonly lines = computed(() =>
    this.session
      .inOrder()
      .map(
        ({ line, grams, spread, wantedGrams, weighedGrams, weighedBy, fills, off, fullness }) => ({
          id: line.id,
          name: line.name,
          wanted: wantedGrams === null ? '' : `${inGrams(wantedGrams)} g`,
          real: fullness !== 'full' ? 'not in yet' : grams === null ? 'in' : `${inGrams(grams)} g`,
          how:
            fullness !== 'full'
              ? ''
              : weighedGrams !== null
                ? WEIGHED_BY[weighedBy ?? 'container']
                : fills.length > 0
                  ? spread > 0
                    ? `filled, ± ${fixed(100 * 2 * spread, 0)} %`
                    : 'filled over the scale'
                  : '',
          off: off === null ? '' : moreOrLess(off),
          isForgiven: off !== null && line.forgiven !== null && isWithin(off, line.forgiven),
        }),
      ),
  );

  constructor() {
    effect(() => {
      const state = this.session.state();
      if (!state) return;
      const { kind, strictness } = state.plan;
      const options = { bakes: BAKES, seed: SEED, kind, strictness };
      const job = { lines: knownLines(state), others: [], wanted: WANTED, options };
      void this.runs.run(job, ({ now }) => this.good.set(now.good));
    });
  }
}
