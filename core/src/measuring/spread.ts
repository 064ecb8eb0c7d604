import type { IngredientClass, Method } from '../catalogue/index.js';
import type { MeasureSize } from './size.js';

/**
 * Relative standard deviation of one fill, by class and method: assumptions for somebody
 * whose hand has not been calibrated, from the scatter between published weighings.
 */
const FILL_SPREADS: Readonly<
  Record<IngredientClass, Partial<Record<Method, number>> & { default: number }>
> = {
  powder: { default: 0.04, sifted: 0.04, spooned: 0.04, dipped: 0.07, tamped: 0.08 },
  granular: { default: 0.015 },
  moist: { default: 0.04, packed: 0.04, loose: 0.08 },
  chunk: { default: 0.06 },
  liquid: { default: 0.02 },
  syrup: { default: 0.03 },
  paste: { default: 0.04 },
  'solid-fat': { default: 0.04, block: 0.02, displaced: 0.03, melted: 0.02 },
  egg: { default: 0.03 },
};

/** Spoons of anything scatter by this much. */
const SPOON_SPREAD = 0.06;

/**
 * A jug that is read from above instead of with the eye at its line: how much that scatters, and
 * how far it is off in the mean. The line of sight meets the liquid behind the mark and lower, so
 * that too little is poured. Assumptions.
 */
export const READ_FROM_ABOVE: Readonly<{ spread: number; bias: number }> = {
  spread: 0.08,
  bias: -0.04,
};

/**
 * How far a hand that nobody has weighed is off in the mean, as a share of how much its fills
 * scatter. An assumption: a method that was described narrows people down to each other more than
 * it does one person's fills.
 */
export const HAND_SHARE = 0.75;

/** Half of a spoon, parted by eye with a blade, is off by this much beside the fill. An assumption. */
export const HALVING_SPREAD = 0.1;

/** Everybody's pinch, dash and smidgen differ by this much. */
export const PINCH_SPREAD = 0.35;

/** Tea cups, wine glasses and lumps the size of an egg: half as much again, or half as much. */
export const HOUSEHOLD_SPREAD = 0.25;

/** Household measures are commonly made to ±5 %; taken as two standard deviations. */
export const TOOL_SPREAD = 0.025;

/** Two standard deviations on each side hold about 95 % of a bell curve. */
export const COVERAGE = 2;

/** Standard deviation of the class factors between ingredients of one class. */
export const CLASS_FACTOR_SPREAD = 0.06;

/** A density that follows from what a thing is made of, between makers and temperatures. */
export const PHYSICS_SPREAD = 0.02;

/** One thing after another that is like it in a cup: as far as the kinds of one class differ. */
export const KIN_SPREAD = 0.1;

/** A figure from general knowledge, such as the juice of one lemon, may be this far off. */
export const UNSOURCED_SPREAD = 0.2;

/** What a factory fills, cuts or presses: packets, sticks, squares, leaves, biscuits. */
export const MADE_SPREAD = 0.02;

/** Pieces of one size grade (eggs, bananas) differ by this much. */
export const PIECE_SPREAD: Readonly<{ egg: number; other: number }> = { egg: 0.04, other: 0.15 };

/** Relative standard deviation of one fill. */
export function fillSpread(
  ingredientClass: IngredientClass,
  method: Method,
  size: MeasureSize,
): number {
  if (size !== 'cup') return SPOON_SPREAD;
  const spreads = FILL_SPREADS[ingredientClass];
  return spreads[method] ?? spreads.default;
}

/**
 * Independent relative deviations, added as errors add: the root of the sum of squares.
 *
 * @example
 * combinedSpread(0.03, 0.04) // 0.05
 */
export function combinedSpread(...deviations: readonly number[]): number {
  return Math.hypot(...deviations);
}
