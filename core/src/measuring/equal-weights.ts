import type { Ingredient } from '../catalogue/index.js';
import { densityOf } from './basis.js';
import { defaultMethod } from './methods.js';
import type { MeasureSize } from './size.js';

/** How much of one kind weighs as much as a measure of another. */
export interface EqualWeight {
  readonly ingredient: Ingredient;
  /** Measures of it that weigh the same; 2.14 for a salt that is less than half as dense. */
  readonly measures: number;
  readonly grams: number;
}

/**
 * How many measures of each other kind weigh as much as one measure of `of`, each filled in its
 * usual way: "1 tsp of fine salt is 2 1/8 tsp of flakes". By weight, never by volume, since
 * that is what salts the dough. Kinds without a known weight are left out.
 */
export function equalWeights(
  of: Ingredient,
  others: readonly Ingredient[],
  size: MeasureSize,
): readonly EqualWeight[] {
  const density = (ingredient: Ingredient): number | null =>
    densityOf({ ingredient, form: null, method: defaultMethod(ingredient), size })
      ?.gramsPerMillilitre ?? null;
  const own = density(of);
  if (own === null) return [];
  return others.flatMap((ingredient) => {
    const other = density(ingredient);
    return other === null || ingredient.id === of.id
      ? []
      : [{ ingredient, measures: own / other, grams: own }];
  });
}
