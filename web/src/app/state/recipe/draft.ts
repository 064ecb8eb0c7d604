import type { Recipe } from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch/balance';

/** What a baker can change of a recipe. */
export type EditedRecipe = Pick<
  Recipe,
  'text' | 'standard' | 'authorId' | 'batch' | 'methods' | 'balance' | 'answers' | 'photos'
>;

export const EMPTY_DRAFT: EditedRecipe = {
  text: '',
  standard: 'us-customary',
  authorId: null,
  batch: { by: 'factor', factor: '1' },
  methods: {},
  balance: { ...USUAL_BALANCE, lines: {} },
  answers: [],
  photos: [],
};

export function draftOf(recipe: Recipe): EditedRecipe {
  const { text, standard, authorId, batch, methods, balance, answers, photos } = recipe;
  return { text, standard, authorId, batch, methods, balance, answers, photos };
}

/** Whether two drafts say the same, in whatever order a server or a browser puts their fields. */
export const sameDraft = (a: EditedRecipe, b: EditedRecipe): boolean =>
  a === b || inOrder(a) === inOrder(b);

/** What is left undefined is not sent, and does not count. */
const inOrder = (draft: EditedRecipe): string =>
  JSON.stringify(draft, (_, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([x], [y]) => (x < y ? -1 : 1)))
      : value,
  );
