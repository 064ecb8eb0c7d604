import type { Ingredient } from '../catalogue/index.js';

/**
 * Remembers what was worked out about an ingredient. Ingredients never change: a corrected
 * one is another object, so nothing remembered can go stale.
 */
export function rememberByIngredient<Result>(
  workOut: (ingredient: Ingredient) => Result,
): (ingredient: Ingredient) => Result {
  const known = new WeakMap<Ingredient, { readonly result: Result }>();
  return (ingredient) => {
    let entry = known.get(ingredient);
    if (!entry) {
      entry = { result: workOut(ingredient) };
      known.set(ingredient, entry);
    }
    return entry.result;
  };
}
