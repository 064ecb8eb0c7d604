import type { Ingredient } from '../catalogue/index.js';
import { defaultMethod, densityOf } from '../measuring/index.js';
import { foodAsIngredient, foodId } from './as-ingredient.js';
import { readFoods, type Food } from './food.js';
import { foodFinder } from './search.js';
import type { PublicTable } from './with-table.js';

/** Kinds that weigh no further apart than this are one to a recipe. */
const ALIKE = 0.15;
/** So many times as many measures make a food the best known of its name. */
const BEST_KNOWN = 1.5;
/** A name that so many foods go by says nothing of which. */
const MOST_ALIKE = 6;

const cupOf = (ingredient: Ingredient): number | null =>
  densityOf({ ingredient, form: null, method: defaultMethod(ingredient), size: 'cup' })
    ?.gramsPerMillilitre ?? null;

/** The best documented of those that are meant equally; null where they differ by what matters. */
function oneOf(equal: readonly Ingredient[]): Ingredient | null {
  const [best, ...others] = [...equal].sort((a, b) => b.weights.length - a.weights.length);
  if (!best || equal.length > MOST_ALIKE) return null;
  const second = others[0]?.weights.length ?? 0;
  // What the table measures in most ways is what is meant where nothing is said: red tomatoes.
  if (best.weights.length >= BEST_KNOWN * second) return best;
  const cup = cupOf(best);
  const isAlike = (one: Ingredient): boolean => {
    const other = cupOf(one);
    return (
      one.role === best.role &&
      (cup === null || other === null || Math.abs(other / cup - 1) < ALIKE)
    );
  };
  return equal.every(isAlike) ? best : null;
}

/** A food, and the ingredient that it makes. */
export interface TableEntry {
  readonly food: Food;
  readonly ingredient: Ingredient;
}

/**
 * The foods of the table that have a measure which a recipe could use, each as an ingredient, of its
 * rows as comma-separated values. It takes a tenth of a second: beside the page, or once.
 */
export const tableEntries = (csv: string): readonly TableEntry[] =>
  readFoods(csv).flatMap((food) => {
    const ingredient = foodAsIngredient(food);
    return ingredient ? [{ food, ingredient }] : [];
  });

/** The table of these foods. */
export function publicTable(entries: readonly TableEntry[]): PublicTable {
  const made = new Map(entries.map(({ ingredient }) => [ingredient.id, ingredient]));
  const cited = new Map(entries.map(({ food }) => [food.number, food]));
  const finder = foodFinder(entries.map(({ food }) => food));
  const as = (food: Food): Ingredient => made.get(foodId(food))!;
  return {
    ingredient: (id) => made.get(id),
    cited: (number) => cited.get(number),
    food: (number) => made.get(foodId({ number })),
    closest: (words) => oneOf(finder.closest(words).map(as)),
    typed: (text, most) => finder.typed(text, most).map(as),
  };
}
