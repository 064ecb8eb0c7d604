import {
  ESTIMATE,
  type IngredientFacts,
  type Ingredient,
  type IngredientClass,
  type Keeps,
  type Method,
  type OtherNames,
  type Role,
  type SourceRef,
  type WeightUnit,
} from '../../catalogue/index.js';

/** What it is: class, role, grams of water in 100 g, how it keeps, and what rules know of it. */
type Kind = readonly [IngredientClass, Role, number, Keeps, IngredientFacts?];

/** What a measure of it weighs: by a method, grams to so many of a unit (one), where that is from, and of which form. */
type RowWeight = readonly [
  method: Method,
  unit: WeightUnit,
  grams: number,
  source?: SourceRef,
  amount?: number,
  form?: string,
];

/** An ingredient as it usually comes: one row. A weight without a source is an estimate. */
export const row = (
  id: string,
  name: string,
  [ofClass, role, waterPercent, keeps, facts = {}]: Kind,
  weights: readonly RowWeight[],
  aliases: readonly string[] = [],
  allergens: readonly string[] = [],
  otherNames: OtherNames = {},
): Ingredient => ({
  id,
  name,
  class: ofClass,
  role,
  waterPercent,
  keeps,
  ...facts,
  allergens,
  aliases,
  otherNames,
  weights: weights.map(([method, unit, grams, source = ESTIMATE, amount = 1, form = null]) => ({
    form,
    method,
    amount,
    unit,
    grams,
    source,
  })),
});
