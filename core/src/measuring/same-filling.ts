import type { Method } from '../catalogue/index.js';

/** What a measure was filled with, and how. */
export interface FillingOf {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
}

/** Whether two fillings are the same ingredient, in the same form, filled the same way. */
export function sameFilling(a: FillingOf, b: FillingOf): boolean {
  return a.ingredientId === b.ingredientId && a.form === b.form && a.method === b.method;
}
