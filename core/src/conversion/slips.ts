import { midpoint } from '../amount/index.js';
import type { Shelf } from '../catalogue/index.js';
import { fillFactorOf, measureSize, usualDensities } from '../measuring/index.js';
import type { Line } from '../reading/index.js';
import { GRAMS_PER_OUNCE, isVolumeUnit, millilitresIn, type Standard } from '../units/index.js';

/** What may have gone wrong in writing a weight, and what was meant then, in grams. */
export interface AmountSlip {
  readonly kind: 'ounces' | 'digit' | 'half' | 'double';
  readonly grams: number;
}

/** "12 g" for "120 g", "1200 g" for "120 g". */
const DIGIT = 10;

/**
 * Slips of the pen that would explain a weight which no method could give: ounces written as
 * grams, a digit too few or too many, a one left out in front; half a cup written for a whole
 * one, or the other way round, which leaves the weight as it is. Only those that lead to a
 * weight that can be.
 */
export function likelySlips(line: Line, standard: Standard, shelf: Shelf): AmountSlip[] {
  const { stated, amount, unit, heap, ingredientId } = line;
  const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
  const limits = ingredient && usualDensities(ingredient);
  if (!stated || !amount || !limits || unit === null || !isVolumeUnit(unit)) return [];
  const level = midpoint(amount).valueOf() * millilitresIn(unit, standard).valueOf();
  const size = measureSize(unit, level);
  const millilitres = level * fillFactorOf(heap, size, ingredient.class).times;
  const canBe = (grams: number, times = 1): boolean => {
    const density = grams / (millilitres * times);
    return density >= limits[0] && density <= limits[1];
  };
  const { grams } = stated;
  const leadingOne = 10 ** String(Math.trunc(grams)).length;
  const weights: AmountSlip[] = [
    { kind: 'ounces', grams: grams * GRAMS_PER_OUNCE },
    { kind: 'digit', grams: grams * DIGIT },
    { kind: 'digit', grams: grams / DIGIT },
    { kind: 'digit', grams: grams + leadingOne },
  ];
  const volumes: AmountSlip[] = [
    ...(canBe(grams, 1 / 2) ? [{ kind: 'half' as const, grams }] : []),
    ...(canBe(grams, 2) ? [{ kind: 'double' as const, grams }] : []),
  ];
  return [...weights.filter((slip) => canBe(slip.grams)), ...volumes];
}
