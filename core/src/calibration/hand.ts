import { mean, sampleStandardDeviation } from 'simple-statistics';
import { studentT95 } from './student.js';

/** One fill of a hand, weighed. */
export interface Fill {
  /** Net mass. */
  readonly grams: number;
  /** What the tool that was filled holds. */
  readonly millilitres: number;
}

/** How a hand fills: what a millilitre of it weighs, and how much that varies. */
export interface HandCalibration {
  readonly trials: number;
  readonly gramsPerMillilitre: number;
  /** Relative standard deviation from fill to fill; null with one trial. */
  readonly spread: number | null;
  /** Relative half-width of the 95 % interval of the mean (Student's t); Infinity with one trial. */
  readonly uncertainty: number;
  /** Enough trials to be believed. */
  readonly isEnough: boolean;
}

/** A hand with fewer kept trials is not used. */
export const FEWEST_TRIALS = 3;

/** The mean of a hand is well known once its 95 % interval is within this. */
export const WANTED_UNCERTAINTY = 0.02;

/** Nobody fills a cup four hundred times; beyond that the question has no useful answer. */
const MOST_TRIALS = 400;

/**
 * What a hand's cup weighs, from fills that are kept: mean, relative standard deviation and the
 * 95 % interval of the mean. Null without a fill.
 */
export function calibrateHand(fills: readonly Fill[]): HandCalibration | null {
  if (fills.length === 0) return null;
  const densities = fills.map(({ grams, millilitres }) => grams / millilitres);
  const gramsPerMillilitre = mean(densities);
  const trials = densities.length;
  const spread = trials > 1 ? sampleStandardDeviation(densities) / gramsPerMillilitre : null;
  return {
    trials,
    gramsPerMillilitre,
    spread,
    uncertainty: spread === null ? Infinity : (studentT95(trials - 1) * spread) / Math.sqrt(trials),
    isEnough: trials >= FEWEST_TRIALS,
  };
}

/**
 * How many trials it takes in all until the 95 % interval of the mean is within `wanted`, with
 * this relative standard deviation from fill to fill: the smallest n with
 * `t(n − 1) · spread / √n ≤ wanted`. At least three; null when more than 400 would be needed.
 *
 * @example
 * trialsNeeded(0.04) // 18: a fill that scatters by 4 %, until its mean is known to 2 %
 */
export function trialsNeeded(spread: number, wanted: number = WANTED_UNCERTAINTY): number | null {
  for (let trials = FEWEST_TRIALS; trials <= MOST_TRIALS; trials++) {
    if ((studentT95(trials - 1) * spread) / Math.sqrt(trials) <= wanted) return trials;
  }
  return null;
}

/** A relative difference, and the half-width of its 95 % interval. */
export interface Bias {
  readonly difference: number;
  readonly uncertainty: number;
  /** The interval leaves out zero: more than chance. */
  readonly isClear: boolean;
}

/** How much heavier this hand fills than a weight that is taken as exact. */
export function biasAgainst(
  { gramsPerMillilitre, uncertainty }: HandCalibration,
  reference: number,
): Bias {
  const ratio = gramsPerMillilitre / reference;
  const half = ratio * uncertainty;
  return {
    difference: ratio - 1,
    uncertainty: half,
    isClear: Math.abs(ratio - 1) > half,
  };
}
