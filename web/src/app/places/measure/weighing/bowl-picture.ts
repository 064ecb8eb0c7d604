import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MARK, type LiveTarget } from '@ypsigram/core/bench';

/** The inside of the bowl: its brim, its foot, and how far its wall leans. */
const TOP = 26;
const FOOT = 196;
const HALF_BRIM = 128;
const HALF_FOOT = 74;
const MIDDLE = 150;

/** Half the width of the bowl at a height of the drawing. */
const halfAt = (y: number): number => {
  const down = (y - TOP) / (FOOT - TOP);
  // A wall that curves in towards the foot.
  return HALF_BRIM - (HALF_BRIM - HALF_FOOT) * down ** 2.2;
};

const yAt = (bar: number): number => FOOT - (FOOT - TOP) * Math.min(1, Math.max(0, bar));

const WALL = Array.from({ length: 18 }, (_, at) => TOP + ((FOOT - TOP) * at) / 17);
const side = (sign: 1 | -1, ys: readonly number[]): string[] =>
  ys.map((y) => `${MIDDLE + sign * halfAt(y)} ${y}`);
const OUTLINE = `M${side(-1, WALL).join('L')}L${side(1, WALL.toReversed()).join('L')}`;
const FULL = `${OUTLINE}Z`;

/**
 * The bowl from the side with what is in it: the level rises to the mark, the finer the nearer it
 * comes. Near enough is a band around the mark.
 */
@Component({
  selector: 'yg-bowl-picture',
  template: `
    <svg viewBox="0 0 300 232" aria-hidden="true">
      <defs>
        <clipPath [attr.id]="clip"><path [attr.d]="full" /></clipPath>
      </defs>
      <g [attr.clip-path]="'url(#' + clip + ')'">
        <rect
          class="band"
          x="0"
          width="300"
          [attr.y]="band().top"
          [attr.height]="band().bottom - band().top"
        />
        <rect class="content" x="0" width="300" height="240" [style.transform]="level()" />
      </g>
      <path class="wall" [attr.d]="outline" />
      <path class="foot" d="M84 204H216M96 212H204" />
      <path class="mark" [attr.d]="mark" />
      <path class="mark pointer" [attr.d]="pointer" />
    </svg>
  `,
  styleUrl: './bowl-picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[attr.data-state]': "live()?.state ?? 'empty'" },
})
export class BowlPicture {
  /** Null while no scale tells. */
  readonly live = input.required<LiveTarget | null>();

  protected readonly clip = 'bowl-inside';
  protected readonly outline = OUTLINE;
  protected readonly full = FULL;
  protected readonly mark = `M${MIDDLE - halfAt(yAt(MARK)) - 16} ${yAt(MARK)}H${MIDDLE + halfAt(yAt(MARK)) + 16}`;
  protected readonly pointer = `M${MIDDLE + halfAt(yAt(MARK)) + 18} ${yAt(MARK)}l14 -8v16z`;
  protected readonly band = computed(() => {
    const live = this.live();
    return { top: yAt(live?.to ?? MARK), bottom: yAt(live?.from ?? MARK) };
  });
  // Moved, not redrawn: a reading costs the page no layout.
  protected readonly level = computed(() => `translateY(${yAt(this.live()?.bar ?? 0)}px)`);
}
