import { Fraction } from '../amount/index.js';
import type { MassUnit } from './unit.js';

/**
 * Grams in one unit, exact. The avoirdupois pound is 453.59237 g by the international yard
 * and pound agreement of 1959; the ounce is its sixteenth.
 */
const GRAMS: Readonly<Record<MassUnit, Fraction>> = {
  g: new Fraction(1),
  kg: new Fraction(1000),
  oz: new Fraction('28.349523125'),
  lb: new Fraction('453.59237'),
};

/**
 * Grams in one `unit`, exact.
 *
 * @example
 * gramsIn('lb').valueOf() // 453.59237
 */
export function gramsIn(unit: MassUnit): Fraction {
  return GRAMS[unit];
}

/** Grams in an avoirdupois ounce, for what is measured rather than written. */
export const GRAMS_PER_OUNCE = GRAMS.oz.valueOf();
