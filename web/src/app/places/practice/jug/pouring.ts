/** A jug pours slowly at first, and faster the longer it is tipped, in millilitres a second. */
const SLOWEST = 14;
const FASTEST = 150;
/** So long until it pours fastest, in seconds. */
const TIPPING_SECONDS = 1.6;
/** No frame counts for more than this: a window that slept pours nothing meanwhile. */
const LONGEST_FRAME_SECONDS = 0.1;

/** How fast it pours after so many seconds, as a share of a whole jug's speed. */
export const flowAfter = (seconds: number): number =>
  SLOWEST + (FASTEST - SLOWEST) * Math.min(1, seconds / TIPPING_SECONDS) ** 2;

/**
 * Something that goes on while a pointer is held down: `step` is told for every frame how many
 * millilitres fall in it. `share` is how fast it goes compared with a jug.
 */
export class Pouring {
  private frame: number | null = null;

  constructor(
    private readonly step: (millilitres: number) => void,
    private readonly share = 1,
  ) {}

  /** Begins at a press, and ends wherever it is let go. */
  begin(event: PointerEvent): void {
    if (event.button !== 0) return;
    this.end();
    let before = performance.now();
    const started = before;
    const next = (now: number): void => {
      const seconds = Math.min(LONGEST_FRAME_SECONDS, Math.max(0, (now - before) / 1000));
      before = now;
      this.step(this.share * flowAfter((now - started) / 1000) * seconds);
      this.frame = requestAnimationFrame(next);
    };
    this.frame = requestAnimationFrame(next);
    window.addEventListener('pointerup', this.end, { once: true });
    window.addEventListener('pointercancel', this.end, { once: true });
  }

  readonly end = (): void => {
    if (this.frame !== null) cancelAnimationFrame(this.frame);
    this.frame = null;
    window.removeEventListener('pointerup', this.end);
    window.removeEventListener('pointercancel', this.end);
  };
}
