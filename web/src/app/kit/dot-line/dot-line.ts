import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

const WIDTH = 600;
const PADDING = 30;
/** Room left beyond the outermost figure, as a share of what is shown. */
const AIR = 0.12;

/** A mark on the line: what the dots are held against. */
export interface Mark {
  readonly at: number;
  readonly label: string;
}

/**
 * Trials as dots on a line, with their mean and its interval, and marks to hold them against.
 * Everything on it is said in words beside it; to a screen reader it is one picture.
 */
@Component({
  selector: 'yg-dot-line',
  templateUrl: './dot-line.html',
  styleUrl: './dot-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DotLine {
  readonly dots = input.required<readonly number[]>();
  readonly mean = input.required<number | null>();
  readonly interval = input<readonly [number, number] | null>(null);
  readonly marks = input.required<readonly Mark[]>();
  readonly label = input.required<string>();

  private readonly range = computed(() => {
    const all = [
      ...this.dots(),
      ...(this.interval() ?? []),
      ...this.marks().map(({ at }) => at),
    ].filter(Number.isFinite);
    const [low, high] = [Math.min(...all), Math.max(...all)];
    const air = (high - low || Math.abs(high) * 0.1 || 1) * AIR;
    return { low: low - air, high: high + air };
  });

  protected readonly drawn = computed(() => {
    const { low, high } = this.range();
    const x = (value: number): number =>
      PADDING + ((value - low) / (high - low)) * (WIDTH - 2 * PADDING);
    const interval = this.interval();
    const mean = this.mean();
    return {
      dots: this.dots().map(x),
      mean: mean === null ? null : x(mean),
      interval: interval && interval.every(Number.isFinite) ? interval.map(x) : null,
      marks: this.marks().map(({ at, label }) => ({ x: x(at), label })),
    };
  });
}
