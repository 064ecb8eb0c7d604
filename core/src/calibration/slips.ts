import { median, medianAbsoluteDeviation } from 'simple-statistics';
import { GRAMS_PER_OUNCE } from '../units/index.js';

/** A container of the kitchen and what it weighs empty. */
export interface Container {
  readonly name: string;
  readonly grams: number;
}

/** What a trial that does not fit the others most likely is. */
export type TrialSlip =
  /** Heavier by just what a known container weighs: the scale was not zeroed. */
  | { readonly code: 'untared'; readonly container: string; readonly grams: number }
  /** The figure fits once it is taken for ounces. */
  | { readonly code: 'ounces'; readonly grams: number }
  /** Another fill on top of the last one. */
  | { readonly code: 'another-fill'; readonly fills: number }
  /** Far from the others, for no known reason; relative. */
  | { readonly code: 'far-out'; readonly difference: number };

/** What trials of one hand, ingredient, method and tool are held against. */
export interface Expectation {
  readonly containers: readonly Container[];
  /** What one fill weighs by the tables; null where they do not know. */
  readonly referenceGrams: number | null;
  /** Relative standard deviation of a fill, before this hand is known. */
  readonly usualSpread: number;
}

/** Turns a median absolute deviation into the standard deviation of a normal distribution. */
const MAD_TO_DEVIATION = 1.4826;
/** Beyond this many robust deviations a reading is an outlier (Iglewicz and Hoaglin, 1993). */
const CUT = 3.5;
/** With fewer trials than this the median is not yet a centre: the reference is. */
const ENOUGH_FOR_MEDIAN = 3;
/** A hand differs from the tables by this much without anything being wrong. */
const HAND_FROM_TABLE = 0.12;
/** A hand is not taken to be steadier than this share of what is usual, with few trials and many. */
const STEADIEST = { few: 0.75, many: 0.3, manyFrom: 10 } as const;
const MOST_FILLS_ON_TOP = 3;

interface Centre {
  readonly grams: number;
  readonly deviation: number;
}

/** Where trials lie and how far they scatter, by medians: single slips do not move either. */
function centreOf(
  trials: readonly number[],
  { referenceGrams, usualSpread }: Expectation,
): Centre | null {
  if (trials.length < ENOUGH_FOR_MEDIAN) {
    if (referenceGrams === null) return null;
    const relative = Math.hypot(usualSpread, HAND_FROM_TABLE);
    return { grams: referenceGrams, deviation: relative * referenceGrams };
  }
  const values = [...trials];
  const grams = median(values);
  const share = trials.length < STEADIEST.manyFrom ? STEADIEST.few : STEADIEST.many;
  return {
    grams,
    deviation: Math.max(
      MAD_TO_DEVIATION * medianAbsoluteDeviation(values),
      share * usualSpread * grams,
    ),
  };
}

/** Explanations of a trial, each with how many deviations it misses by. */
function explanations(
  grams: number,
  { grams: centre, deviation }: Centre,
  containers: readonly Container[],
): { readonly slip: TrialSlip; readonly off: number }[] {
  const found: { readonly slip: TrialSlip; readonly off: number }[] = [];
  for (const container of containers) {
    const net = grams - container.grams;
    found.push({
      slip: { code: 'untared', container: container.name, grams: container.grams },
      off: Math.abs(net - centre) / deviation,
    });
  }
  const inOunces = grams * GRAMS_PER_OUNCE;
  found.push({
    slip: { code: 'ounces', grams: inOunces },
    off: Math.abs(inOunces - centre) / deviation,
  });
  for (let fills = 2; fills <= MOST_FILLS_ON_TOP; fills++) {
    found.push({
      slip: { code: 'another-fill', fills },
      off: Math.abs(grams - fills * centre) / (Math.sqrt(fills) * deviation),
    });
  }
  return found;
}

/**
 * For each trial what is probably wrong with it, null where it fits. A trial is looked at when it
 * lies more than 3.5 robust deviations (median and median absolute deviation) from the others;
 * the explanation that fits it best is given, and `far-out` when none does. With fewer than three
 * trials they are held against the table weight instead, widely. `grams` are net masses of fills
 * of one hand, ingredient, method and tool. The baker decides what becomes of them.
 */
export function findSlips(
  trials: readonly number[],
  expectation: Expectation,
): readonly (TrialSlip | null)[] {
  const centre = centreOf(trials, expectation);
  if (!centre) return trials.map(() => null);
  return trials.map((grams) => {
    if (Math.abs(grams - centre.grams) <= CUT * centre.deviation) return null;
    const best = explanations(grams, centre, expectation.containers)
      .filter(({ off }) => off <= CUT)
      .sort((a, b) => a.off - b.off)[0];
    return best?.slip ?? { code: 'far-out', difference: grams / centre.grams - 1 };
  });
}
