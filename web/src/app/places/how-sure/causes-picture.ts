import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CAUSES, type CausedOutcome, type SpreadCause, type Chances } from '@ypsigram/core/chance';
import { heightOfShares, sharesChart } from '../../kit/chart/shares-chart';
import { Picture, type PictureTable } from '../../kit/picture/picture';
import { plusMinus } from './wording';

export const CAUSE_NAMES: Readonly<Record<SpreadCause, string>> = {
  tool: 'what the tools hold',
  hand: 'how the hand fills',
  fill: 'difference from fill to fill',
  reading: 'reading the jug',
  scale: 'the scale',
};

/** What the spread of flour and of each ratio comes from. */
@Component({
  selector: 'yg-causes-picture',
  imports: [Picture],
  template: `
    <yg-picture
      [options]="options()"
      [height]="height()"
      label="How much the flour and each part of the dough vary, and why"
      name="chance-causes"
      [table]="table()"
    />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CausesPicture {
  readonly chances = input.required<Chances>();

  private readonly rows = computed(() => {
    const { base, baseMass, ratios } = this.chances();
    const caused: readonly (readonly [string, CausedOutcome])[] = [
      [base === 'flour' ? 'flour' : 'altogether', baseMass],
      ...Object.entries(ratios),
    ];
    return caused.map(([label, { deviation, causes }]) => ({
      label,
      size: 100 * deviation,
      shares: CAUSES.map((cause) => causes[cause]),
    }));
  });
  protected readonly height = computed(() => heightOfShares(this.rows().length));
  protected readonly options = computed(() =>
    sharesChart(
      this.rows(),
      CAUSES.map((cause) => CAUSE_NAMES[cause]),
      'two of three bakes are within ±, in percent',
    ),
  );
  protected readonly table = computed((): PictureTable => ({
    columns: ['part', 'spread', ...CAUSES.map((cause) => `${CAUSE_NAMES[cause]}, %`)],
    rows: this.rows().map(({ label, size, shares }) => [
      label,
      plusMinus(size / 100),
      ...shares.map((share) => String(Math.round(100 * share))),
    ]),
  }));
}
