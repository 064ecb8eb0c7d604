import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  ElementRef,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { STEP_NAMES } from '@ypsigram/contract/oven';
import type { Clash, Schedule, TimeBlock } from '@ypsigram/core/bench/oven';
import { showTime } from '../../../kit/figures/dates';

/** Until its place is known. */
const FIRST_WIDTH = 1000;
const ROW = 30;
const HEAD = 26;
const MINUTE = 60_000;
const STEP_MINUTES = 5;
const HOUR = 60 * MINUTE;
/** A word needs about so many units for each letter. */
const LETTER = 8.5;

/** A bake as a strip of time from left to right: dragged or moved by keys as a whole. */
@Component({
  selector: 'yg-time-strip',
  templateUrl: './time-strip.html',
  styleUrl: './time-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeStrip {
  readonly schedule = input.required<Schedule>();
  readonly clashes = input<readonly Clash[]>([]);
  readonly now = input.required<number>();
  /** The whole strip was moved by so many minutes. */
  readonly moved = output<number>();

  /** As wide as its place, so that words are not stretched with it. */
  protected readonly width = signal(FIRST_WIDTH);
  private readonly dragged = signal(0);
  private startX: number | null = null;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  private readonly from = computed(() => Date.parse(this.schedule().blocks[0]!.from));
  private readonly to = computed(() => Date.parse(this.schedule().readyAt));
  private readonly perMilli = computed(
    () => this.width() / Math.max(MINUTE, this.to() - this.from()),
  );
  private readonly x = (at: string | number): number =>
    ((typeof at === 'string' ? Date.parse(at) : at) - this.from()) * this.perMilli();

  /** Work on the first row, the oven on the second, what waits in the fridge on the third. */
  protected readonly rows = ['work', 'oven', 'out'] as const;
  protected readonly height = HEAD + 3 * ROW + 4;
  protected readonly blocks = computed(() =>
    this.schedule().blocks.map((block) => {
      const row =
        block.kind === 'take-out' ? 2 : block.kind === 'heat' || block.kind === 'bake' ? 1 : 0;
      const x = this.x(block.from);
      const width = Math.max(2, this.x(block.to) - x);
      const name = STEP_NAMES[block.kind];
      return {
        block,
        x,
        y: HEAD + row * ROW,
        width,
        height: ROW - 4,
        name: name.length * LETTER < width ? name : '',
        said: `${showTime(block.from)} ${name}${block.text ? `: ${block.text}` : ''}`,
      };
    }),
  );
  protected readonly clashing = computed(() =>
    this.clashes().map(({ from, to }) => ({ x: this.x(from), width: this.x(to) - this.x(from) })),
  );
  protected readonly clashY = HEAD + ROW;
  protected readonly clashHeight = ROW - 4;
  protected readonly hours = computed(() => {
    const first = Math.ceil(this.from() / HOUR) * HOUR;
    const span = this.to() - this.from();
    const every = span > 12 * HOUR ? 3 * HOUR : HOUR;
    const count = Math.max(0, Math.floor((this.to() - first) / every) + 1);
    return Array.from({ length: count }, (_, at) => {
      const moment = first + at * every;
      return { x: this.x(moment), name: showTime(new Date(moment)) };
    });
  });
  protected readonly nowX = computed(() => {
    const x = this.x(this.now());
    return x >= 0 && x <= this.width() ? x : null;
  });
  protected readonly shift = computed(() => `translate(${this.dragged()} 0)`);
  protected readonly label = computed(() => {
    const { startAt, readyAt } = this.schedule();
    return `The bake in time: start at ${showTime(startAt)}, ready at ${showTime(readyAt)}. Arrow keys move it by five minutes.`;
  });

  constructor() {
    const observer = new ResizeObserver(([entry]) =>
      this.width.set(Math.max(1, entry!.contentRect.width)),
    );
    observer.observe(this.host);
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }

  protected isWork = ({ isWaiting }: TimeBlock): boolean => !isWaiting;

  protected grab(event: PointerEvent): void {
    (event.currentTarget as SVGSVGElement).setPointerCapture(event.pointerId);
    this.startX = event.clientX;
  }

  protected drag(event: PointerEvent): void {
    if (this.startX !== null) this.dragged.set(event.clientX - this.startX);
  }

  protected drop(): void {
    if (this.startX === null) return;
    const minutes = this.dragged() / this.perMilli() / MINUTE;
    this.startX = null;
    this.dragged.set(0);
    const rounded = Math.round(minutes / STEP_MINUTES) * STEP_MINUTES;
    if (rounded !== 0) this.moved.emit(rounded);
  }

  protected press(event: KeyboardEvent): void {
    const by = { ArrowLeft: -STEP_MINUTES, ArrowRight: STEP_MINUTES }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    this.moved.emit(by);
  }
}
