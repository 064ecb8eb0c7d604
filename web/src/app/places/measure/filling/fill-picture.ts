import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FillKind, PlannedFill } from '@ypsigram/core/fills';
import type { FillTally } from './fill-counting';

/** One measure as it is drawn: its outline, and what is in it, in a box of 64 by 56. */
interface FillOutline {
  readonly outline: string;
  readonly content: string;
}

const CUP: FillOutline = {
  outline: 'M8 10H46L41 48Q40 52 36 52H18Q14 52 13 48ZM46 16H60Q62 16 62 19T60 22H45',
  content: 'M10.4 16Q18 11 27 16T43.6 16L39.4 46Q39 49 36 49H18Q15 49 14.6 46Z',
};
const SPOON: FillOutline = {
  outline: 'M4 26A15 12 0 0 0 34 26ZM34 26L62 18',
  content: 'M5 26Q19 14 33 26A14 11 0 0 1 5 26Z',
};
const JUG: FillOutline = {
  outline: 'M8 14L14 20V48Q14 52 18 52H40Q44 52 44 48V10H12L8 14M44 18H56V38H44',
  content: 'M16 26H42V47Q42 50 39 50H19Q16 50 16 47Z',
};
const BLOCK: FillOutline = {
  outline: 'M4 20H60V44H4ZM18 20V28M32 20V28M46 20V28',
  content: 'M6 30H58V42H6Z',
};
const EGG: FillOutline = {
  outline: 'M32 6C20 20 18 30 18 36A14 14 0 0 0 46 36C46 30 44 20 32 6Z',
  content: 'M32 20C24 28 22 33 22 37A10 10 0 0 0 42 37C42 33 40 28 32 20Z',
};
const SHAPES: Readonly<Record<FillKind, FillOutline>> = {
  cup: CUP,
  spoon: SPOON,
  jug: JUG,
  block: BLOCK,
  egg: EGG,
  piece: EGG,
  pinch: SPOON,
};

const FEW = 2;
const SOME = 5;
/** More than these are told by their number. */
const MOST_DRAWN = 12;
/** A measure is drawn the larger the more it holds, by the cube root. */
const sizeOf = ({ millilitres }: PlannedFill): number =>
  millilitres === null ? 1 : Math.min(1.15, Math.max(0.72, Math.cbrt(millilitres) / 6));

/** The cups and spoons of one tool: those that are in are full, the others wait. */
@Component({
  selector: 'yg-fill-picture',
  template: `
    @for (item of drawn(); track $index) {
      <svg
        viewBox="0 0 64 58"
        [style.width.em]="width()"
        [class.made]="item === 'made'"
        [class.more]="item === 'more'"
      >
        @if (item !== 'open') {
          <path class="content" [attr.d]="shape().content" />
        }
        <path class="outline" [attr.d]="shape().outline" />
      </svg>
    }
    @if (rest() > 0) {
      <span class="rest">and {{ rest() }} more</span>
    }
  `,
  styleUrl: './fill-picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
})
export class FillPicture {
  readonly tally = input.required<FillTally>();

  protected readonly shape = computed(() => SHAPES[this.tally().fill.kind]);
  /** The more there are, the smaller: they stand in a row or two. */
  protected readonly width = computed(() => {
    const { count: of } = this.tally().fill;
    const em = of <= FEW ? 4.8 : of <= SOME ? 3.4 : 2.7;
    return em * sizeOf(this.tally().fill);
  });
  private readonly all = computed(() => {
    const { made, fill } = this.tally();
    const of = fill.count;
    return Array.from({ length: Math.ceil(Math.max(made, of)) }, (_, at) =>
      at < made ? (at < of ? 'made' : 'more') : 'open',
    );
  });
  protected readonly drawn = computed(() => this.all().slice(0, MOST_DRAWN));
  protected readonly rest = computed(() => this.all().length - this.drawn().length);
}
