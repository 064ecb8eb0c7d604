import { METHOD_NAMES, short } from '@ypsigram/contract';
import type { ClassTask } from '@ypsigram/contract/practice';
import type { Shelf } from '@ypsigram/core/catalogue';
import { measureSize } from '@ypsigram/core/measuring';
import type { ClassTarget, FillTask } from '@ypsigram/core/practice';
import { grams } from '../../../kit/figures/figures';

/** What is to be filled, as far as the Shelf has it; null where it does not. */
export function fillOf(task: ClassTask, shelf: Shelf): FillTask | null {
  const { form, method, millilitres } = task;
  const ingredient = shelf.ingredient(task.ingredientId);
  return ingredient
    ? { ingredient, form, method, millilitres, size: measureSize('ml', millilitres) }
    : null;
}

export const targetOf = (task: ClassTask, shelf: Shelf): ClassTarget => ({
  grams: task.grams,
  tolerance: task.tolerance,
  fill: fillOf(task, shelf),
});

/** "1 cup all-purpose wheat flour, spooned". */
export function taskName({ ingredientId, form, method, tool }: ClassTask, shelf: Shelf): string {
  const name = (shelf.ingredient(ingredientId)?.name ?? ingredientId).toLowerCase();
  return [`${tool} ${name}`, form, METHOD_NAMES[method]].filter(Boolean).join(', ');
}

/** "125 g ± 6 %". */
export const aimOf = ({ grams: target, tolerance }: ClassTask): string =>
  `${grams(target)} g ± ${short(100 * tolerance, 1)} %`;
