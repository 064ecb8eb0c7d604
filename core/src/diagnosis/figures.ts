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
export interface KnownFigure {
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

/** So many records are wrong in a way that no cause explains: a tap forgotten, a bowl weighed along. */
const MISTAKEN = 0.03;
/** Where a record is wrong, it may be so many times as far off. */
const MISTAKEN_TIMES = 12;

const density = (off: number, deviation: number): number =>
  Math.exp(-((off / deviation) ** 2) / 2) / deviation;

/**
 * The logarithm of how likely a known figure is where it is expected so. What is far outside of all
 * that is expected is rather a mistake of the record than proof of anything.
 *
 * @param usual where the figure lies when nothing is wrong
 */
export function logLikelihood(
  { value, spread }: KnownFigure,
  expected: Expected,
  usual: Expected,
): number {
  const deviation = Math.hypot(spread, expected.spread);
  const off = value - expected.mean;
  const meant = (1 - MISTAKEN) * density(off, deviation);
  // Spread evenly, the same for every cause, so that it speaks for none.
  const mistaken = (MISTAKEN * Math.sqrt(2 * Math.PI)) / (2 * MISTAKEN_TIMES * usual.spread);
  return Math.log(meant + mistaken);
}
