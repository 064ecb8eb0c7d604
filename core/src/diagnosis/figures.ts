/** What the record of a bake may tell in figures. */
export const FIGURES = [
  'flour',
  'water',
  'fat',
  'sugar',
  'egg',
  'leavening',
  'yeast',
  'salt',
  'heat',
  'minutes',
  'pan',
] as const;
/**
 * One of `FIGURES`: masses relative to what was intended, less one; `heat` in °C over what was
 * wanted; `minutes` in the oven over the middle of the range, relative; `pan` in minutes beyond what
 * the recipe says.
 */
export type Figure = (typeof FIGURES)[number];

/** A figure of a bake, and how surely it is known, as a standard deviation in the same unit. */
export interface Known {
  readonly value: number;
  readonly spread: number;
}

/** A normal distribution that a figure is expected from. */
export interface Expected {
  readonly mean: number;
  readonly spread: number;
}

/**
 * Where nothing is wrong: what a figure is, and how far it varies from bake to bake. Assumptions: a
 * hand is off by some 5 % by cup, more with small spoons; an oven that nobody checked by 6 °C or so.
 */
export const NOTHING_WRONG: Readonly<Record<Figure, Expected>> = {
  flour: { mean: 0, spread: 0.04 },
  water: { mean: 0, spread: 0.03 },
  fat: { mean: 0, spread: 0.04 },
  sugar: { mean: 0, spread: 0.05 },
  egg: { mean: 0, spread: 0.05 },
  leavening: { mean: 0, spread: 0.07 },
  yeast: { mean: 0, spread: 0.07 },
  salt: { mean: 0, spread: 0.08 },
  heat: { mean: 0, spread: 6 },
  minutes: { mean: 0, spread: 0.08 },
  pan: { mean: 0, spread: 4 },
};

/** The logarithm of how likely a known figure is where it is expected so. */
export function logLikelihood({ value, spread }: Known, expected: Expected): number {
  const deviation = Math.hypot(spread, expected.spread);
  return -(((value - expected.mean) / deviation) ** 2) / 2 - Math.log(deviation);
}
