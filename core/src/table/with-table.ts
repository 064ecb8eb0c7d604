import type { Ingredient, Shelf, TableWeight } from '../catalogue/index.js';
import type { Food } from './food.js';

/** The public table, to stand behind a shelf. */
export interface PublicTable {
  /** The food of this id as an ingredient; undefined where the table does not have it. */
  ingredient(id: string): Ingredient | undefined;
  /** The food of this number as an ingredient. */
  food(number: string): Ingredient | undefined;
  /** The food of this number in the table's own words. */
  cited(number: string): Food | undefined;
  /** The one that these words mean; null where none is close. */
  closest(words: readonly string[]): Ingredient | null;
  /** Those that hold what was typed so far, the plainest first. */
  typed(text: string, most: number): readonly Ingredient[];
}

const sameMeasure = (a: TableWeight, b: TableWeight): boolean =>
  a.unit === b.unit && a.form === b.form && a.method === b.method;

/** What was taken onto the shelf weighs as the table says, where this kitchen has not weighed it. */
function asTaken(ingredient: Ingredient, table: PublicTable): Ingredient {
  const behind = ingredient.tableFood === undefined ? null : table.food(ingredient.tableFood);
  if (!behind) return ingredient;
  const own = ingredient.weights;
  const more = behind.weights.filter((weight) => !own.some((mine) => sameMeasure(mine, weight)));
  return { ...ingredient, weights: [...own, ...more] };
}

/** A shelf with the table behind it: what the shelf lacks is looked up there, and said. */
export function withTable(shelf: Shelf, table: PublicTable): Shelf {
  const all = shelf.all.map((ingredient) => asTaken(ingredient, table));
  const taken = new Map(
    all.filter(({ tableFood }) => tableFood !== undefined).map((one) => [one.id, one]),
  );
  return {
    all,
    findName: shelf.findName,
    ingredient: (id) => taken.get(id) ?? shelf.ingredient(id) ?? table.ingredient(id),
    behind: (words) => table.closest(words),
  };
}
