import type { PlanLine } from './plan-line.js';

/** What goes into the dough, summed up. Grams, unrounded but for what the scale's grid has rounded. */
export interface ColumnTotals {
  /** Of everything in the dough that has a weight. */
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
  for (const { intended, place, measure, weight, isWeighed } of plan) {
    if (place) continue;
    intendedGrams += intended?.grams ?? 0;
    if (!measure || !weight) continue;
    measuredGrams += isWeighed ? weight.grams : measure.grams;
    weighedGrams += weight.grams;
  }
  const gap = weighedGrams > 0 ? measuredGrams / weighedGrams - 1 : null;
  return { intendedGrams, measuredGrams, weighedGrams, gap };
}

/** Indexes of the lines of the dough that have no weight: no total and no ratio counts them. */
export const unweighedLines = (plan: readonly PlanLine[]): readonly number[] =>
  plan.flatMap(({ kind, place, intended }, index) =>
    kind === 'ingredient' && !place && !intended ? [index] : [],
  );
