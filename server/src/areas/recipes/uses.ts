import type { ModelStatic } from 'sequelize';
import type { IngredientUse } from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { RecipeRow } from './model.js';

/**
 * In how many recipes each of these ingredients is, in their order; by the names that recipes are
 * found by, so that no text has to be read.
 */
export async function usesOf(
  rows: ModelStatic<RecipeRow>,
  ids: readonly string[],
  shelf: Shelf,
): Promise<readonly IngredientUse[]> {
  const kept = await rows.findAll({ attributes: ['ingredients'], raw: true });
  const lines = kept.map(({ ingredients }) => ingredients.split('\n'));
  return ids.flatMap((ingredientId) => {
    const name = shelf.ingredient(ingredientId)?.name;
    if (name === undefined) return [];
    const names = (line: string): boolean => line === name || line.startsWith(`${name} `);
    return [{ ingredientId, recipes: lines.filter((own) => own.some(names)).length }];
  });
}
