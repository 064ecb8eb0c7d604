import type { Reading } from '../line.js';

/** Whether the heading at `index` stands over an ingredient, not over steps: worth a row of a ledger. */
export function headsIngredients({ lines }: Pick<Reading, 'lines'>, index: number): boolean {
  const next = lines.slice(index + 1).find(({ kind }) => kind !== 'unread');
  return next?.kind === 'ingredient';
}
