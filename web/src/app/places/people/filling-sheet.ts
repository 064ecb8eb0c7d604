import { fixed, slipMessage, type TrialRecord } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { showMoment } from '../../kit/figures/dates';
import { Store } from '@ngrx/store';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import {
  WANTED_UNCERTAINTY,
  biasAgainst,
  changeOf,
  trialsNeeded,
  type TrialOf,
  type Verdict,
} from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { Chart } from '../../kit/chart/chart';
import { heightOfRows, rowsChart } from '../../kit/chart/rows-chart';
import { timeChart } from '../../kit/chart/time-chart';
import { grams, signedPercent } from '../../kit/figures/figures';
import { Icon } from '../../kit/icon/icon';
import { trialsActions } from '../../state/trials/trials.feature';
import { fillingName } from './filling';
import { handRows, handsOverTime, marksOf, type Comparison, type HandSet } from './pictures';
import { TrialEntry, type WeighedTrial } from './trial-entry';

/** A line through fewer trials than this says nothing. */
const FEWEST_OVER_TIME = 6;

/** One filling of one hand: its trials, what they say, and what is doubtful. */
@Component({
  selector: 'yg-filling-sheet',
  imports: [Chart, Icon, TrialEntry],
  templateUrl: './filling-sheet.html',
  styleUrl: './filling-sheet.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillingSheet {
  readonly filling = input.required<TrialOf>();
  /** What the tool holds; null where neither drawer nor trials tell. */
  readonly millilitres = input.required<number | null>();
  readonly hand = input.required<{ readonly id: string; readonly name: string }>();
  /** Everybody's trials of this filling. */
  readonly sets = input.required<readonly HandSet[]>();
  readonly comparisons = input.required<readonly Comparison[]>();
  readonly shelf = input.required<Shelf>();

  private readonly store = inject(Store);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);

  protected readonly name = computed(() => fillingName(this.filling(), this.shelf()));
  private readonly own = computed(
    () => this.sets().find(({ name }) => name === this.hand().name)?.set ?? null,
  );

  protected readonly found = computed(() => {
    const calibration = this.own()?.calibration;
    const held = this.millilitres();
    if (!calibration || !held) return null;
    const mean = calibration.gramsPerMillilitre * held;
    return {
      mean: grams(mean),
      uncertainty: Number.isFinite(calibration.uncertainty)
        ? `± ${fixed(mean * calibration.uncertainty, 1)} g`
        : '',
      trials: calibration.trials === 1 ? '1 trial counts' : `${calibration.trials} trials count`,
    };
  });

  /** What the trials say, in sentences. */
  protected readonly findings = computed<readonly string[]>(() => {
    const calibration = this.own()?.calibration;
    if (!calibration) return [];
    const { spread, trials, isEnough, uncertainty } = calibration;
    const said: string[] = [];
    if (spread !== null) {
      said.push(`From fill to fill it varies by ${fixed(100 * spread, 1)} % (standard deviation).`);
    }
    if (!isEnough) {
      const missing = 3 - trials;
      said.push(
        `${missing} more ${missing === 1 ? 'weighing' : 'weighings'} until recipes use this weight.`,
      );
      return said;
    }
    for (const { name, gramsPerMillilitre } of this.comparisons()) {
      const {
        difference,
        uncertainty: half,
        isClear,
      } = biasAgainst(calibration, gramsPerMillilitre);
      const against = name === 'table' ? 'the table' : name;
      const chance = isClear ? '' : ', which may be chance';
      said.push(
        `Compared with ${against}: ${signedPercent(difference)} ± ${fixed(100 * half, 1)} %${chance}.`,
      );
    }
    const needed = spread === null ? null : trialsNeeded(spread);
    const wanted = `± ${100 * WANTED_UNCERTAINTY} %`;
    if (uncertainty <= WANTED_UNCERTAINTY) said.push(`You know this weight to within ${wanted}.`);
    else if (needed === null)
      said.push(`The fills differ too much to know this weight to within ${wanted}.`);
    else {
      const more = Math.max(1, needed - trials);
      said.push(
        `About ${more} more ${more === 1 ? 'trial' : 'trials'} until you know this weight to within ${wanted}.`,
      );
    }
    return said;
  });

  protected readonly doubts = computed(() =>
    (this.own()?.trials ?? []).flatMap(({ trial, slip }) =>
      slip && trial.verdict === null
        ? [{ trial, grams: grams(trial.grams), message: slipMessage(slip) }]
        : [],
    ),
  );

  protected readonly rows = computed(() => handRows(this.sets(), this.millilitres() ?? 1));
  private readonly marks = computed(() => marksOf(this.comparisons(), this.millilitres() ?? 1));
  private readonly axis = computed(() => `grams in ${this.filling().tool}`);
  protected readonly picture = computed(() => rowsChart(this.rows(), this.marks(), this.axis()));
  protected readonly pictureHeight = computed(() => heightOfRows(this.rows().length));
  protected readonly pictureLabel = computed(() => {
    const rows = this.rows().map(({ label, mean, dots }) =>
      mean === null
        ? `${label}: ${dots.length} trials, none counts`
        : `${label}: mean ${grams(mean)} g of ${dots.length} trials`,
    );
    const marks = this.marks().map(({ at, label }) => `${label}: ${grams(at)} g`);
    return `${this.axis()}. ${[...rows, ...marks].join('. ')}.`;
  });

  protected readonly change = computed(() => {
    const own = this.own();
    const found = changeOf(
      (own?.trials ?? [])
        .filter(({ counts }) => counts)
        .map(({ trial }) => ({
          at: Date.parse(trial.at),
          gramsPerMillilitre: trial.grams / trial.millilitres,
        })),
    );
    if (!found) return `Weigh on more days to see whether ${this.hand().name}’s hand changes.`;
    const weeks = Math.round(found.days / 7);
    const span = weeks > 1 ? `${weeks} weeks` : `${Math.round(found.days)} days`;
    return found.isClear
      ? `Over ${span} this hand has become ${(100 * Math.abs(found.change)).toFixed(0)} % ${found.change > 0 ? 'heavier' : 'lighter'}.`
      : `Over ${span} this hand has stayed the same.`;
  });
  protected readonly overTime = computed(() => {
    const series = handsOverTime(this.sets(), this.millilitres() ?? 1);
    const most = Math.max(0, ...series.map(({ points }) => points.length));
    return most < FEWEST_OVER_TIME ? null : timeChart(series, this.marks(), 'g');
  });

  protected readonly trials = computed(() =>
    [...(this.own()?.trials ?? [])].reverse().map(({ trial, counts }) => ({
      trial,
      counts,
      grams: grams(trial.grams),
      when: showMoment(trial.at, this.formats().dateOrder),
    })),
  );

  protected keep({ grams: mass, source, conditions }: WeighedTrial): void {
    const millilitres = this.millilitres();
    if (millilitres === null) return;
    this.store.dispatch(
      trialsActions.trialMade({
        draft: {
          ...this.filling(),
          handId: this.hand().id,
          millilitres,
          grams: mass,
          at: new Date().toISOString(),
          source,
          conditions,
        },
      }),
    );
  }

  protected judge(trial: TrialRecord, verdict: Verdict): void {
    this.store.dispatch(trialsActions.trialJudged({ trial, by: { verdict } }));
  }

  protected note(trial: TrialRecord, conditions: string): void {
    this.store.dispatch(
      trialsActions.trialJudged({ trial, by: { conditions: conditions.trim() } }),
    );
  }

  protected remove(trial: TrialRecord): void {
    this.store.dispatch(trialsActions.trialDeleted({ trial }));
  }
}
