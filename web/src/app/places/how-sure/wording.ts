import { fixed } from '@ypsigram/contract';
import type { FlourWay } from '@ypsigram/core/chance';
import type { Shelf } from '@ypsigram/core/catalogue';

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

export const FLOUR_WAY_NAMES: Readonly<Record<FlourWay, string>> = {
  weighed: 'flour weighed',
  spooned: 'flour spooned',
  scooped: 'flour scooped',
  unconverted: 'scooped, same number of cups',
};

/** Of a hundred: whole figures, and never all or none unless it is all or none. */
export function ofHundred(share: number): string {
  if (share > 0.99 && share < 1) return 'over 99';
  if (share < 0.01 && share > 0) return 'under 1';
  return String(Math.round(100 * share));
}

/** How far a share may be off by luck, in hundredths: 95 % of runs are within it. */
export function giveOrTake(share: number, bakes: number): string {
  const half = bakes > 0 ? 196 * Math.sqrt((share * (1 - share)) / bakes) : 100;
  return half < 0.1 ? 'less than 0.1' : fixed(half, half < 1 ? 1 : 0);
}

/** A spread as a percentage: "±3.8 %". */
export const plusMinus = (share: number): string => `±${fixed(100 * share, 1)} %`;

/** Its name as it stands in the middle of a sentence. */
export function nameOf(ingredientId: string, shelf: Shelf): string {
  const name = shelf.ingredient(ingredientId)?.name ?? ingredientId;
  return name.charAt(0).toLowerCase() + name.slice(1);
}

/** "the rye flour and the honey". */
export function namesOf(ingredients: readonly string[], shelf: Shelf): string {
  return LIST.format(ingredients.map((id) => `the ${nameOf(id, shelf)}`));
}

export const inWords = (names: readonly string[]): string => LIST.format(names);
