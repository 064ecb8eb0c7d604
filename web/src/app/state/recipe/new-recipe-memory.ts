import type { Standard } from '@ypsigram/core/units';
import { keepHere, keptHere } from '../../offline/browser-memory';
import { EMPTY_DRAFT, type EditedRecipe } from './draft';

const KEY = 'ypsigram.new-recipe';
const WHAT = 'the unsaved recipe';

/** Keeps the unsaved text in this browser. */
export const rememberNewRecipe = ({ text, standard, authorId, photos }: EditedRecipe): void =>
  keepHere(KEY, { text, standard, authorId, photos }, WHAT);

/** The unsaved recipe of an earlier visit, or an empty one by these cups and spoons. */
export function recallNewRecipe(usual: Standard): EditedRecipe {
  const empty = { ...EMPTY_DRAFT, standard: usual };
  const kept = keptHere(KEY, WHAT) as Partial<EditedRecipe> | null;
  if (typeof kept?.text !== 'string') return empty;
  const { text, standard = usual, authorId = null, photos = [] } = kept;
  return { ...empty, text, standard, authorId, photos };
}

export const forgetNewRecipe = (): void => keepHere(KEY, null, WHAT);
