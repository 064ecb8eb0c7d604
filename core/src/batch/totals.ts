import type { PlanLine } from './plan-line.js';

/** A plan summed up. Grams, unrounded but for what the scale's grid has rounded. */
export interface ColumnTotals {
  /** Of everything that has a weight. */
  readonly intendedGrams: number;
  /** Of the lines that can be had by both routes: what goes on the beam. */
  readonly measuredGrams: number;
  readonly weighedGrams: number;
  /** How much heavier the measured column is than the weighed one, relative; null without either. */
  readonly gap: number | null;
}

/** Sums up both columns of a plan. */
export function columnTotals(plan: readonly PlanLine[]): ColumnTotals {
  let [intendedGrams, measuredGrams, weighedGrams] = [0, 0, 0];
  for (const { intended, measure, weight, isWeighed } of plan) {
    intendedGrams += intended?.grams ?? 0;
    if (!measure || !weight) continue;
    measuredGrams += isWeighed ? weight.grams : measure.grams;
    weighedGrams += weight.grams;
  }
  const gap = weighedGrams > 0 ? measuredGrams / weighedGrams - 1 : null;
  return { intendedGrams, measuredGrams, weighedGrams, gap };
}

/** Indexes of the ingredient lines that have no weight: no total and no ratio counts them. */
export const unweighedLines = (plan: readonly PlanLine[]): readonly number[] =>
  plan.flatMap(({ kind, intended }, index) => (kind === 'ingredient' && !intended ? [index] : []));
