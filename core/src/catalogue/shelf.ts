import { ingredientById } from './catalogue.js';
import type { Ingredient, Method, Weight } from './ingredient.js';

/** The ingredients a kitchen bakes with, by id. */
export interface Shelf {
  ingredient(id: string): Ingredient | undefined;
}

/** The built-in ingredients, as the tables have them. */
export const BUILT_IN_SHELF: Shelf = { ingredient: ingredientById };

/** A weight that a baker sets over the table's, for one form and method. */
export interface OwnWeight {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
  readonly gramsPerMillilitre: number;
}

/** What stands for the citation of an own weight. */
export const THIS_KITCHEN = 'this kitchen';

/** All table volumes are US customary. */
const US_CUP_MILLILITRES = 236.5882365;

/**
 * A shelf on which own weights stand before the table's: by cup and by spoon, for their form
 * and method only. The built-in ingredients are not touched, so taking an own weight away
 * brings the table's back. Weights for ingredients that do not exist are passed over.
 */
export function shelfOf(own: readonly OwnWeight[]): Shelf {
  if (own.length === 0) return BUILT_IN_SHELF;
  const overruled = new Map<string, Ingredient>();
  for (const weight of own) {
    const base = overruled.get(weight.ingredientId) ?? ingredientById(weight.ingredientId);
    if (base) overruled.set(base.id, { ...base, weights: withOwn(base.weights, weight) });
  }
  return { ingredient: (id) => overruled.get(id) ?? ingredientById(id) };
}

function withOwn(weights: readonly Weight[], own: OwnWeight): readonly Weight[] {
  const { form, method, gramsPerMillilitre } = own;
  const isVolume = ({ unit }: Weight): boolean =>
    unit === 'cup' || unit === 'tbsp' || unit === 'tsp';
  const isOverruled = (weight: Weight): boolean =>
    isVolume(weight) && weight.form === form && weight.method === method;
  const mine: Weight = {
    form,
    method,
    amount: 1,
    unit: 'cup',
    grams: gramsPerMillilitre * US_CUP_MILLILITRES,
    source: THIS_KITCHEN,
  };
  // It takes the place of the first it overrules, so that the usual form stays the usual one.
  const at = weights.findIndex(isOverruled);
  const kept = weights.filter((weight) => !isOverruled(weight));
  return at < 0 ? [...weights, mine] : [...kept.slice(0, at), mine, ...kept.slice(at)];
}
