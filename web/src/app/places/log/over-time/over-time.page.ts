import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { fixed } from '@ypsigram/contract';
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import { RATIO_PARTS, type RatioPart } from '@ypsigram/core/batch';
import { logByMonth } from '@ypsigram/core/log';
import { LogApi } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { Picture } from '../../../kit/picture/picture';
import { Retry } from '../../../kit/retry/retry';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { costChart, ratingChart, resultsChart, spreadChart } from './month-charts';

const CHART_PIXELS = 320;
/** More recipes than these in one picture can't be told apart. */
const MOST_GROUPS = 4;

/** The kitchen over time: results, how steadily it weighs, cost and waste, and what ratios do. */
@Component({
  selector: 'yg-over-time-page',
  imports: [Picture, Retry, RouterLink],
  templateUrl: './over-time.page.html',
  styleUrl: './over-time.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OverTimePage {
  private readonly api = inject(LogApi);
  private readonly store = inject(Store);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly prices = this.store.selectSignal(kitchenFeature.selectPrices);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);

  protected readonly height = CHART_PIXELS;
  protected readonly outcomes = signal<readonly BakeOutcomeReply[] | null>(null);
  protected readonly problem = signal<string | null>(null);
  protected readonly parts = RATIO_PARTS;
  protected readonly part = signal<RatioPart>('water');

  protected readonly months = computed(() => logByMonth(this.outcomes() ?? [], this.prices()));
  private readonly known = computed(() => [
    ...this.hands().map(({ id, name }): { id: string | null; name: string } => ({ id, name })),
    { id: null, name: 'nobody in particular' },
  ]);
  private readonly weighing = computed(() =>
    this.known().filter(({ id }) => this.months().some(({ spread }) => spread.has(id))),
  );
  protected readonly results = computed(() => resultsChart(this.months()));
  protected readonly resultsTable = computed(() => ({
    columns: ['month', '1', '2', '3', '4', '5', 'not rated'],
    rows: this.months().map(({ month, byRating, unrated }) => [
      month,
      ...byRating.map(String),
      String(unrated),
    ]),
  }));
  protected readonly spread = computed(() => spreadChart(this.months(), this.weighing()));
  protected readonly spreadTable = computed(() => ({
    columns: ['month', ...this.weighing().map(({ name }) => `${name}, %`)],
    rows: this.months().map(({ month, spread }) => [
      month,
      ...this.weighing().map(({ id }) => {
        const value = spread.get(id);
        return value === undefined ? '' : fixed(100 * value, 1);
      }),
    ]),
  }));
  protected readonly cost = computed(() => costChart(this.months(), this.formats().currency));
  protected readonly costTable = computed(() => ({
    columns: ['month', 'cost', 'thrown away'],
    rows: this.months().map(({ month, cost, waste }) => [month, fixed(cost, 2), fixed(waste, 2)]),
  }));
  private readonly groups = computed(() => {
    const part = this.part();
    const groups = new Map<string, [number, number][]>();
    for (const { title, deviations, rating } of this.outcomes() ?? []) {
      const deviation = deviations[part];
      if (deviation === undefined || rating === null) continue;
      const dots = groups.get(title) ?? [];
      dots.push([Number((100 * deviation).toFixed(2)), rating]);
      groups.set(title, dots);
    }
    return [...groups]
      .map(([name, dots]) => ({ name, dots }))
      .sort((a, b) => b.dots.length - a.dots.length)
      .slice(0, MOST_GROUPS);
  });
  protected readonly hasRatings = computed(() => this.groups().length > 0);
  protected readonly rating = computed(() => ratingChart(this.groups()));
  protected readonly ratingTable = computed(() => ({
    columns: ['recipe', '% off', 'crumbs'],
    rows: this.groups().flatMap(({ name, dots }) =>
      dots.map(([off, rating]) => [name, fixed(off, 1), String(rating)]),
    ),
  }));

  constructor() {
    this.load();
  }

  protected load(): void {
    this.problem.set(null);
    this.api.outcomes().subscribe({
      next: (outcomes) => this.outcomes.set(outcomes),
      error: (error: unknown) => this.problem.set(problemOf(error)),
    });
  }

  protected choose(part: string): void {
    this.part.set(part as RatioPart);
  }
}
