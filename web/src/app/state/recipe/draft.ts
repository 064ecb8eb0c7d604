import type { Recipe } from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch';

/** What a baker can change of a recipe. */
export type EditedRecipe = Pick<
  Recipe,
  'text' | 'standard' | 'authorId' | 'batch' | 'methods' | 'balance' | 'answers'
>;

export const EMPTY_DRAFT: EditedRecipe = {
  text: '',
  standard: 'us-customary',
  authorId: null,
  batch: { by: 'factor', factor: '1' },
  methods: {},
  balance: { ...USUAL_BALANCE, lines: {} },
  answers: [],
};

export function draftOf(recipe: Recipe): EditedRecipe {
  const { text, standard, authorId, batch, methods, balance, answers } = recipe;
  return { text, standard, authorId, batch, methods, balance, answers };
}

/** Whether two drafts say the same. */
export function sameDraft(a: EditedRecipe, b: EditedRecipe): boolean {
  return a === b || JSON.stringify(inOrder(a)) === JSON.stringify(inOrder(b));
}

function inOrder(draft: EditedRecipe): unknown[] {
  const { text, standard, authorId, batch, methods, balance, answers } = draft;
  // All of the balance, whatever comes to it: what is left out here is never saved.
  const { lines, baking, trying, ...rest } = balance;
  const told = Object.entries(rest).filter(([, value]) => value !== undefined);
  const decided = [told.sort(), trying && Object.entries(trying).sort()];
  const byLine = [methods, lines, baking].map((one) => Object.entries(one).sort());
  return [text, standard, authorId, batch.factor, batch.asked ?? null, byLine, decided, answers];
}
