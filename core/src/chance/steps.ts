import type { ChanceLine } from './chance-line.js';
import type { ChanceOptions } from './options.js';

/** A long search in steps, so that whoever runs it can do something else in between, or stop. */
export type Steps<T> = Generator<void, T>;

/** All steps in one go. */
export function finished<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** What is tried over and over bakes so many lines in all, and not fewer bakes than tell anything. */
const MOST_LINES_BAKED = 250_000;
const FEWEST_BAKES = 500;

/**
 * The options for trying many variants: as many bakes as were asked for, so that a promise is kept
 * to the figure, but for long recipes and long runs no more than can be waited for.
 */
export function forTrials(lines: readonly ChanceLine[], options: ChanceOptions): ChanceOptions {
  const most = Math.floor(MOST_LINES_BAKED / Math.max(1, lines.length));
  return { ...options, bakes: Math.min(options.bakes, Math.max(FEWEST_BAKES, most)) };
}
