import type { ModelStatic } from 'sequelize';
import type { IngredientUse } from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { RecipeRow } from './model.js';

/** The names that a line of a recipe's ingredients may begin with: "rye flour dark" begins with three. */
function* beginningsOf(line: string): Generator<string> {
  for (let end = line.indexOf(' '); end >= 0; end = line.indexOf(' ', end + 1)) {
    yield line.slice(0, end);
  }
  yield line;
}

/**
 * In how many recipes ingredients are, by the names that recipes are found by, so that no text has
 * to be read.
 *
 * @param ids those that are asked for, in their order; where left out, all that any recipe uses
 */
export async function usesOf(
  rows: ModelStatic<RecipeRow>,
  ids: readonly string[] | undefined,
  shelf: Shelf,
): Promise<readonly IngredientUse[]> {
  const kept = await rows.findAll({ attributes: ['ingredients'], raw: true });
  const recipes = new Map<string, number>();
  for (const { ingredients } of kept) {
    const names = new Set(ingredients.split('\n').flatMap((line) => [...beginningsOf(line)]));
    for (const name of names) recipes.set(name, (recipes.get(name) ?? 0) + 1);
  }
  const of = ids ?? shelf.all.filter(({ name }) => recipes.has(name)).map(({ id }) => id);
  return of.flatMap((ingredientId) => {
    const name = shelf.ingredient(ingredientId)?.name;
    return name === undefined ? [] : [{ ingredientId, recipes: recipes.get(name) ?? 0 }];
  });
}
