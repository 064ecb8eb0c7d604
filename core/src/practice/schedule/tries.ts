import { mean, sampleStandardDeviation } from 'simple-statistics';
import type { Skill } from './skill.js';

/** One go at a skill. */
export interface PracticeTry {
  readonly skill: Skill;
  /** When, as an ISO instant. */
  readonly at: string;
  /** How far off, relative: over zero is too much; null where an answer is only right or wrong. */
  readonly off: number | null;
  /** How far off it could have been; null where that has no meaning. */
  readonly tolerance: number | null;
  readonly isGood: boolean;
}

/** So many good ones in a row, and a technique is yours. */
export const IN_A_ROW = 3;
/** After a pause this long a new series begins, in minutes. */
const PAUSE_MINUTES = 30;

/** How many good ones stand at the end without one that was not. */
export function streakOf(tries: readonly Pick<PracticeTry, 'isGood'>[]): number {
  const last = tries.findLastIndex(({ isGood }) => !isGood);
  return tries.length - 1 - last;
}

/** Whether three good ones in a row were ever reached. */
export function isYours(tries: readonly Pick<PracticeTry, 'isGood'>[]): boolean {
  let streak = 0;
  return tries.some(({ isGood }) => {
    streak = isGood ? streak + 1 : 0;
    return streak >= IN_A_ROW;
  });
}

/** Tries of one sitting: those that follow one another within half an hour. */
export interface PracticeSeries {
  readonly tries: readonly PracticeTry[];
  /** The mean of how far off, with its sign: a habit shows in it. */
  readonly meanOff: number | null;
  /** The mean distance from the target: what is to become small. */
  readonly meanDistance: number | null;
  readonly good: number;
}

/** Tries of one skill, oldest first, as series. */
export function seriesOf(tries: readonly PracticeTry[]): readonly PracticeSeries[] {
  const sittings: PracticeTry[][] = [];
  for (const one of tries) {
    const before = sittings.at(-1)?.at(-1);
    const pause = before ? (Date.parse(one.at) - Date.parse(before.at)) / 60_000 : Infinity;
    if (pause > PAUSE_MINUTES) sittings.push([one]);
    else sittings.at(-1)!.push(one);
  }
  return sittings.map((sitting) => {
    const offs = sitting.flatMap(({ off }) => (off === null ? [] : [off]));
    return {
      tries: sitting,
      meanOff: offs.length > 0 ? mean(offs) : null,
      meanDistance: offs.length > 0 ? mean(offs.map(Math.abs)) : null,
      good: sitting.filter(({ isGood }) => isGood).length,
    };
  });
}

/** Tries that are looked at for how steady somebody is now. */
const LATEST = 8;
const FEWEST = 3;

/**
 * How much somebody's latest tries scatter, as a relative standard deviation of the last eight;
 * null with fewer than three.
 */
export function practisedSpread(tries: readonly PracticeTry[]): number | null {
  const offs = tries.flatMap(({ off }) => (off === null ? [] : [1 + off])).slice(-LATEST);
  return offs.length < FEWEST ? null : sampleStandardDeviation(offs) / mean(offs);
}
