import type { Method, Shelf } from '@ypsigram/core/catalogue';
import { densityOf } from '@ypsigram/core/measuring';

/** What the place that is open is about to weigh. */
export interface WeighedNext {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
  readonly tool: string | null;
  readonly handId: string | null;
  /** What a millilitre of it weighs; null where that is not known. */
  readonly gramsPerMillilitre: number | null;
}

/** What is about to be weighed, with what the Shelf knows of it. */
export function weighedNext(
  what: Omit<WeighedNext, 'gramsPerMillilitre'>,
  shelf: Shelf,
): WeighedNext {
  const ingredient = shelf.ingredient(what.ingredientId);
  const { form, method } = what;
  const basis = ingredient ? densityOf({ ingredient, form, method, size: 'cup' }) : null;
  return { ...what, gramsPerMillilitre: basis?.gramsPerMillilitre ?? null };
}
