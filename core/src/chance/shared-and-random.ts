import type { CausedOutcome } from './simulate.js';

/** A spread taken apart, as relative standard deviations; their squares add up to its own. */
export interface SharedAndRandom {
  /** Off the same way at every fill of a tool or hand: a larger batch does not shrink it. */
  readonly shared: number;
  /** Drawn anew at every fill, reading or weighing: evens out over many. */
  readonly random: number;
}

/** How much of a spread is shared by all fills, and how much is luck of each. */
export function sharedAndRandom({ deviation, causes }: CausedOutcome): SharedAndRandom {
  const part = (share: number): number => deviation * Math.sqrt(Math.max(0, share));
  return {
    shared: part(causes.tool + causes.hand),
    random: part(causes.fill + causes.reading + causes.scale),
  };
}
