import type { ScaleReading } from '../scale/index.js';

/** A tool that is still to be filled, and what one fill of it should weigh. */
export interface ExpectedFill {
  readonly tool: string;
  readonly grams: number;
  /** How far one fill of it is off by itself, as a relative standard deviation. */
  readonly spread: number;
}

/** What was seen of a scale under the bowl that is being filled. */
export interface JumpMemory {
  /** The settled reading that the next jump is counted from; null before the first. */
  readonly levelGrams: number | null;
  /** What was zeroed away then: zeroing is no jump. */
  readonly tareGrams: number | null;
}

/** Nothing seen yet. */
export const NO_JUMPS: JumpMemory = { levelGrams: null, tareGrams: null };

/** What a reading says of the fills. */
export type Jump =
  | {
      readonly is: 'fills';
      readonly tool: string;
      /** What each of them weighed: the jump, in equal parts. */
      readonly grams: readonly number[];
      /** Where it was unlike what was expected of it: by how much, relative. */
      readonly unlike: number | null;
    }
  /** As much as a fill was taken out again. */
  | { readonly is: 'taken-out'; readonly grams: number }
  /** It jumped by something that is no fill. */
  | { readonly is: 'unknown'; readonly grams: number };

/** Less than this share of the smallest fill is a spill or drift. */
const LEAST_SHARE = 0.35;
/** A fill that is further off than so many of its spreads is unlike the others; never closer than this. */
const UNLIKE_SPREADS = 3;
const UNLIKE_LEAST = 0.1;
/** No fill weighs more or less than expected by more than this factor. */
const MOST_OFF = 1.8;
/** So many fills may come in before a scale has settled. */
const MOST_AT_ONCE = 4;

/**
 * Counts fills from the jumps of a scale under the bowl. Only settled readings count. A jump is as
 * many fills of the tool that it fits best. Gives what to remember, and the jump where there was one.
 */
export function countJump(
  memory: JumpMemory,
  reading: Pick<ScaleReading, 'state' | 'grams' | 'isStable' | 'tareGrams'>,
  expected: readonly ExpectedFill[],
  { gridGrams, containers = NO_CONTAINERS }: JumpSetting,
): { readonly memory: JumpMemory; readonly jump: Jump | null } {
  const { state, grams, isStable, tareGrams } = reading;
  if (state !== 'on' || grams === null || !isStable) return { memory, jump: null };
  const next = { levelGrams: grams, tareGrams };
  if (memory.levelGrams === null || memory.tareGrams !== tareGrams)
    return { memory: next, jump: null };
  const by = grams - memory.levelGrams;
  const smallest = Math.min(...expected.map((fill) => fill.grams), Infinity);
  const least = Math.max(2 * gridGrams, Number.isFinite(smallest) ? smallest * LEAST_SHARE : 0);
  // What trickles in belongs to the fill it is part of, and so does the last gram of settling:
  // all fills together are what the scale shows.
  if (Math.abs(by) < least) return { memory, jump: null };
  const container = containers.find(
    (one) => Math.abs(by - one.grams) <= Math.max(2 * gridGrams, one.grams * RECOGNISED_WITHIN),
  );
  if (container) return { memory: next, jump: { is: 'unknown', grams: by } };
  return { memory: next, jump: by > 0 ? fillsOf(by, expected) : outOf(by, expected) };
}

const NO_CONTAINERS: NonNullable<JumpSetting['containers']> = [];
/** A container is recognised within this share of its weight. */
const RECOGNISED_WITHIN = 0.01;

/** The scale that counts, and the known containers that may be put on it. */
export interface JumpSetting {
  readonly gridGrams: number;
  readonly containers?: readonly { readonly name: string; readonly grams: number }[];
}

function fillsOf(by: number, expected: readonly ExpectedFill[]): Jump {
  const fits = expected.flatMap((fill, at) =>
    Array.from({ length: MOST_AT_ONCE }, (_, more) => {
      const count = more + 1;
      const off = by / (count * fill.grams) - 1;
      // Who fills several at once is rarer than who fills one, and the next tool is the likeliest.
      const unlikely = Math.abs(Math.log(1 + off)) / fill.spread + more * 1.5 + at;
      return { fill, count, off, unlikely };
    }),
  );
  const near = fits.filter(({ off, count, fill }) =>
    // One fill may be odd; several at once are only believed where they come out even.
    count === 1
      ? 1 + off < MOST_OFF && 1 + off > 1 / MOST_OFF
      : Math.abs(off) <= (UNLIKE_SPREADS * fill.spread) / Math.sqrt(count),
  );
  if (near.length === 0) return { is: 'unknown', grams: by };
  const { fill, count, off } = near.reduce((best, one) =>
    one.unlikely < best.unlikely ? one : best,
  );
  const limit = Math.max(UNLIKE_LEAST, (UNLIKE_SPREADS * fill.spread) / Math.sqrt(count));
  return {
    is: 'fills',
    tool: fill.tool,
    grams: Array.from({ length: count }, () => by / count),
    unlike: Math.abs(off) > limit ? off : null,
  };
}

function outOf(by: number, expected: readonly ExpectedFill[]): Jump {
  const isFill = expected.some(({ grams }) => -by < grams * MOST_OFF && -by > grams / MOST_OFF);
  return isFill ? { is: 'taken-out', grams: -by } : { is: 'unknown', grams: by };
}
