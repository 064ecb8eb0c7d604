import type { KitchenIngredient } from '@ypsigram/contract';
import { wordsOf, type Ingredient } from '@ypsigram/core/catalogue';

const LONGEST_NAME = 60;
const LONGEST_ID = 70;

/** The id of an ingredient of the kitchen's own. */
export const ownIdOf = (name: string): string =>
  `own-${wordsOf(name).join('-')}`.slice(0, LONGEST_ID);

/** A food of the public table as an ingredient of this kitchen, called as its recipes call it. */
export function takenFromTable(found: Ingredient, words: string): KitchenIngredient {
  const name = words.trim().slice(0, LONGEST_NAME);
  return {
    id: ownIdOf(name),
    name: name.charAt(0).toUpperCase() + name.slice(1),
    class: found.class,
    role: found.role,
    waterPercent: found.waterPercent,
    ...(found.tableFood !== undefined && { tableFood: found.tableFood }),
    allergens: [...found.allergens],
    aliases: [],
  };
}
