import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { IN_A_ROW, seriesOf, streakOf, type PracticeTry } from '@ypsigram/core/practice';
import { signedPercent } from '../../kit/figures/figures';

const WIDTH = 340;
const HEIGHT = 120;
const EDGE = 16;
/** Tries that are drawn. */
const LATEST = 12;
/** The strip reaches at least so far from the target, as a multiple of the tolerance. */
const REACH = 2.5;

/** Tries of one thing, from the first to the latest: how far off each was, and how many stand in a row. */
@Component({
  selector: 'yg-try-strip',
  template: `
    @if (drawn(); as strip) {
      <svg
        [attr.viewBox]="'0 0 ' + strip.width + ' ' + strip.height"
        role="img"
        [attr.aria-label]="said()"
      >
        <rect
          class="band"
          x="0"
          [attr.y]="strip.high"
          [attr.width]="strip.width"
          [attr.height]="strip.low - strip.high"
        />
        <path class="target" [attr.d]="'M0 ' + strip.middle + 'H' + strip.width" />
        @if (strip.mean !== null) {
          <path class="mean" [attr.d]="'M' + strip.from + ' ' + strip.mean + 'H' + strip.width" />
        }
        @for (dot of strip.dots; track $index) {
          @if (dot.isGood) {
            <circle [attr.cx]="dot.x" [attr.cy]="dot.y" r="6" />
          } @else {
            <path
              class="off"
              [attr.d]="'M' + (dot.x - 5) + ' ' + (dot.y - 5) + 'l10 10m-10 0l10 -10'"
            />
          }
        }
      </svg>
      <p class="told">{{ told() }}</p>
    }
    <p class="row">
      @for (pip of pips(); track $index) {
        <span class="pip" [class.full]="pip" aria-hidden="true"></span>
      }
      {{ inRow() }}
    </p>
  `,
  styleUrl: './try-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TryStrip {
  /** Oldest first. */
  readonly tries = input.required<readonly PracticeTry[]>();

  private readonly latest = computed(() => this.tries().slice(-LATEST));
  private readonly sitting = computed(() => seriesOf(this.tries()).at(-1) ?? null);

  protected readonly drawn = computed(() => {
    const shown = this.latest().flatMap(({ off, tolerance, isGood }) =>
      off === null || tolerance === null ? [] : [{ off, tolerance, isGood }],
    );
    if (shown.length === 0) return null;
    const { tolerance } = shown.at(-1)!;
    const reach = Math.max(REACH * tolerance, ...shown.map(({ off }) => Math.abs(off)));
    const y = (off: number): number => HEIGHT / 2 - (off / reach) * (HEIGHT / 2 - EDGE / 2);
    const step = (WIDTH - 2 * EDGE) / (LATEST - 1);
    const x = (at: number): number => EDGE + at * step;
    const now = this.sitting();
    const inSitting = Math.min(shown.length, now?.tries.length ?? 0);
    return {
      width: WIDTH,
      height: HEIGHT,
      middle: HEIGHT / 2,
      high: y(tolerance),
      low: y(-tolerance),
      dots: shown.map(({ off, isGood }, at) => ({ x: x(at), y: y(off), isGood })),
      mean: now && now.meanOff !== null && inSitting > 1 ? y(now.meanOff) : null,
      from: Math.max(0, x(shown.length - inSitting) - EDGE),
    };
  });
  /** What the strip shows, in a sentence. */
  protected readonly told = computed(() => {
    const now = this.sitting();
    if (!now || now.meanOff === null || now.tries.length < 2) return '';
    return `This series: ${now.tries.length} tries, on average ${signedPercent(now.meanOff)}, ${signedPercent(now.meanDistance!).slice(1)} away.`;
  });
  protected readonly said = computed(() => {
    const each = this.latest().map(({ off, isGood }) =>
      off === null ? '' : `${signedPercent(off)}${isGood ? '' : ', too far off'}`,
    );
    return `Your latest tries, oldest first: ${each.join('; ')}.`;
  });
  private readonly streak = computed(() => streakOf(this.tries()));
  protected readonly pips = computed(() =>
    Array.from({ length: IN_A_ROW }, (_, at) => at < this.streak()),
  );
  protected readonly inRow = computed(() => {
    const streak = this.streak();
    if (streak >= IN_A_ROW) return `${streak} good ones in a row: it is yours.`;
    if (streak === 0) return 'Three good ones in a row, and it is yours.';
    return streak === 1 ? 'One good one. Two more in a row.' : 'Two in a row. One more.';
  });
}
