import { ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import { fixed } from '@ypsigram/contract';
import type { BakeOutcomeReply, LearnedReply } from '@ypsigram/contract/log';
import { Picture } from '../../../kit/picture/picture';
import { forgivenessChart } from './forgiveness-chart';

const CHART_PIXELS = 260;
/** Rated so or better, a bake came out. */
const GOOD_FROM = 4;

/** What this recipe forgives, learned from its bakes: a picture for each ratio. */
@Component({
  selector: 'yg-forgiveness-panel',
  imports: [Picture],
  templateUrl: './forgiveness-panel.html',
  styles: `
    section {
      padding: 0.8rem 1.1rem;
    }
    .which {
      display: flex;
      flex-wrap: wrap;
      gap: 0.3rem;
    }
    p {
      margin: 0.4rem 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ForgivenessPanel {
  readonly limits = input.required<LearnedReply['limits']>();
  readonly outcomes = input.required<readonly BakeOutcomeReply[]>();

  protected readonly height = CHART_PIXELS;
  protected readonly part = linkedSignal(
    () => [...this.limits()].sort((a, b) => b.bakes - a.bakes)[0]?.part ?? null,
  );
  protected readonly limit = computed(
    () => this.limits().find(({ part }) => part === this.part()) ?? null,
  );
  private readonly dots = computed(() =>
    this.outcomes().flatMap(({ deviations, rating, isGood }) => {
      const part = this.part();
      const deviation = part === null ? undefined : deviations[part];
      if (deviation === undefined || (rating === null && !isGood)) return [];
      const shown = rating ?? GOOD_FROM;
      return [{ percent: 100 * deviation, rating: shown, isGood: isGood || shown >= GOOD_FROM }];
    }),
  );
  protected readonly chart = computed(() => {
    const limit = this.limit();
    return limit && forgivenessChart(this.dots(), limit);
  });
  protected readonly told = computed(() => {
    const limit = this.limit();
    if (!limit) return '';
    const percent = (share: number): string => fixed(100 * share, 0);
    const bakes = limit.bakes === 1 ? 'one bake' : `${limit.bakes} bakes`;
    const used = limit.isUsed
      ? 'Amounts and How sure go by it.'
      : 'Plans go by the usual figure: too few bakes were far enough off to say more.';
    return (
      `${limit.part.charAt(0).toUpperCase()}${limit.part.slice(1)}: up to ${percent(limit.limit)} % off goes unnoticed here ` +
      `(${percent(limit.low)} to ${percent(limit.high)} %). ` +
      `It rests on ${bakes}; bakes of this kind usually forgive ${percent(limit.usual)} %. ${used}`
    );
  });
  protected readonly table = computed(() => ({
    columns: ['bake', '% off', 'crumbs'],
    rows: this.dots().map(({ percent, rating }, at) => [
      String(at + 1),
      fixed(percent, 1),
      String(rating),
    ]),
  }));
}
