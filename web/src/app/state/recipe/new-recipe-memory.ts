import { EMPTY_DRAFT, type Draft } from './draft';

const KEY = 'ypsigram.new-recipe';

/** Keeps the unsaved text in this browser. A full or forbidden storage only costs this copy. */
export function rememberNewRecipe({ text, standard, authorId }: Draft): void {
  try {
    localStorage.setItem(KEY, JSON.stringify({ text, standard, authorId }));
  } catch (error) {
    console.warn(
      'This browser could not store the unsaved recipe. Save it before you close the page.',
      error,
    );
  }
}

/** The unsaved recipe of an earlier visit, or an empty one. */
export function recallNewRecipe(): Draft {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Partial<Draft> | null;
    if (typeof kept?.text !== 'string') return EMPTY_DRAFT;
    const { text, standard = EMPTY_DRAFT.standard, authorId = null } = kept;
    return { ...EMPTY_DRAFT, text, standard, authorId };
  } catch (error) {
    console.warn('The unsaved recipe stored in this browser could not be read.', error);
    return EMPTY_DRAFT;
  }
}

export function forgetNewRecipe(): void {
  try {
    localStorage.removeItem(KEY);
  } catch (error) {
    console.warn('This browser could not remove its copy of the saved recipe.', error);
  }
}
