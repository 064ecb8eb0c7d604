import { METHOD_NAMES } from '@ypsigram/contract';
import type { TrialOf } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { sameFilling } from '@ypsigram/core/measuring';

/** A filling in words: "All-purpose flour, spooned, 1 cup". */
export function fillingName({ ingredientId, form, method, tool }: TrialOf, shelf: Shelf): string {
  const name = shelf.ingredient(ingredientId)?.name ?? ingredientId;
  return [name, form, METHOD_NAMES[method], tool].filter(Boolean).join(', ');
}

/** Whether two trials fill the same tool with the same thing, the same way. */
export const sameTrials = (a: TrialOf, b: TrialOf): boolean =>
  sameFilling(a, b) && a.tool === b.tool;

/** The part of the address that names a filling. */
export function fillingParams({ ingredientId, form, method, tool }: TrialOf) {
  return { ingredient: ingredientId, form, method, tool };
}
