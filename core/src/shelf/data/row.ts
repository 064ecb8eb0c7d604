import {
  ESTIMATE,
  type Ingredient,
  type IngredientClass,
  type Method,
  type OtherNames,
  type Role,
  type WeightUnit,
} from '../../catalogue/index.js';

/** What a measure of it weighs: by a method, grams to one of a unit, and where that is from. */
type RowWeight = readonly [method: Method, unit: WeightUnit, grams: number, source?: string];

/** An ingredient with one weight, as it usually comes: one row. Without a source it is an estimate. */
export const row = (
  id: string,
  name: string,
  [ofClass, role, waterPercent]: readonly [IngredientClass, Role, number],
  [method, unit, grams, source = ESTIMATE]: RowWeight,
  aliases: readonly string[] = [],
  allergens: readonly string[] = [],
  otherNames: OtherNames = {},
): Ingredient => ({
  id,
  name,
  class: ofClass,
  role,
  waterPercent,
  allergens,
  aliases,
  otherNames,
  weights: [{ form: null, method, amount: 1, unit, grams, source }],
});
