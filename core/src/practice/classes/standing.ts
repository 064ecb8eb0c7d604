import { mean, sampleStandardDeviation } from 'simple-statistics';
import { findSlips, type TrialSlip } from '../../calibration/index.js';
import { looksLike, type FillLook, type FillTask } from '../fill/index.js';

/** What somebody of a class weighed for a task. */
export interface ClassResult {
  readonly name: string;
  readonly grams: number;
}

/** What a task of a class asks for. */
export interface ClassTarget {
  readonly grams: number;
  /** How far off is still good, relative: the class sets it. */
  readonly tolerance: number;
  /** What is filled, to explain what is off; null where the Shelf does not have it. */
  readonly fill: FillTask | null;
}

/** A result, held against the target and the class. */
export interface JudgedResult<T extends ClassResult> {
  readonly result: T;
  /** Relative difference from the target. */
  readonly off: number;
  readonly isGood: boolean;
  /** What most likely went wrong; null where it is good or nothing is known. */
  readonly look: FillLook | null;
  /** Far from what the others have; null where it fits among them. */
  readonly slip: TrialSlip | null;
}

/** How a class stands with a task. */
export interface ClassSpread<T extends ClassResult> {
  readonly results: readonly JudgedResult<T>[];
  readonly good: number;
  /** Mean and relative standard deviation of those that fit; null with none, and with fewer than two. */
  readonly meanGrams: number | null;
  readonly spread: number | null;
}

/** People of a class differ by more than one hand's fills do. An assumption. */
const USUAL_CLASS_SPREAD = 0.08;

/** The results of a class for one task, each with what it looks like, and how they lie together. */
export function classSpread<T extends ClassResult>(
  results: readonly T[],
  { grams: target, tolerance, fill }: ClassTarget,
): ClassSpread<T> {
  const slips = findSlips(
    results.map(({ grams }) => grams),
    { containers: [], referenceGrams: target, usualSpread: USUAL_CLASS_SPREAD },
  );
  const judged = results.map((result, at): JudgedResult<T> => {
    const off = result.grams / target - 1;
    const isGood = Math.abs(off) <= tolerance;
    return {
      result,
      off,
      isGood,
      look: isGood || !fill ? null : looksLike(result.grams, fill),
      slip: isGood ? null : (slips[at] ?? null),
    };
  });
  const fitting = judged.filter(({ slip }) => slip === null).map(({ result }) => result.grams);
  const meanGrams = fitting.length > 0 ? mean(fitting) : null;
  return {
    results: judged,
    good: judged.filter(({ isGood }) => isGood).length,
    meanGrams,
    spread: fitting.length > 1 ? sampleStandardDeviation(fitting) / meanGrams! : null,
  };
}
