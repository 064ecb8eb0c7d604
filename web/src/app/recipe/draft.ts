import type { Recipe } from '@ypsigram/contract';

/** What a baker can change of a recipe. */
export type Draft = Pick<Recipe, 'text' | 'standard' | 'batch' | 'methods'>;

export const EMPTY_DRAFT: Draft = {
  text: '',
  standard: 'us-customary',
  batch: { by: 'factor', factor: '1' },
  methods: {},
};

export function draftOf({ text, standard, batch, methods }: Recipe): Draft {
  return { text, standard, batch, methods };
}

/** Whether two drafts say the same. */
export function sameDraft(a: Draft, b: Draft): boolean {
  return a === b || JSON.stringify(inOrder(a)) === JSON.stringify(inOrder(b));
}

function inOrder({ text, standard, batch, methods }: Draft): unknown[] {
  return [text, standard, batch.factor, Object.entries(methods).sort()];
}
