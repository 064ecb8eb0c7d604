import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { SentLineAnswer, Recipe, RecipePhoto } from '@ypsigram/contract';
import type { LineChoice } from '@ypsigram/core/batch';
import type { Method } from '@ypsigram/core/catalogue';
import type { AskedSetting } from '@ypsigram/core/factor';
import type { Standard } from '@ypsigram/core/units';
import type { EditedRecipe } from './draft';

type RecipeBalance = EditedRecipe['balance'];

/** A change to what was decided of a line. */
export type Decision = { readonly [K in keyof LineChoice]?: LineChoice[K] | undefined };

/** What was decided of the lines of a text, by their keys. */
export interface CarriedDecisions {
  readonly methods: EditedRecipe['methods'];
  readonly lines: RecipeBalance['lines'];
}

/** A draft that this browser kept. */
export type RecalledDraft = Omit<EditedRecipe, 'photos'> & Partial<Pick<EditedRecipe, 'photos'>>;

export const recipeActions = createActionGroup({
  source: 'Recipe',
  events: {
    'New recipe opened': props<{ draft: EditedRecipe }>(),
    'Recipe asked for': props<{ id: string }>(),
    'Recipe changed elsewhere': emptyProps(),
    'Recipe refreshed': props<{ recipe: Recipe }>(),
    'Recipe loaded': props<{ recipe: Recipe }>(),
    'Recipe not loaded': props<{ problem: string }>(),
    /** With what was decided of its lines, carried along with them. */
    'Text edited': props<{ text: string; carried: CarriedDecisions }>(),
    'Standard chosen': props<{ standard: Standard }>(),
    'Author chosen': props<{ authorId: string | null; standard: Standard | null }>(),
    /** `typed`: one of several that are a single change to whoever takes it back. */
    'Factor set': props<{ factor: string; typed?: boolean; asked?: AskedSetting | undefined }>(),
    'Typing ended': emptyProps(),
    'Method chosen': props<{ line: string; method: Method }>(),
    'Balance set': props<{ change: Partial<Omit<RecipeBalance, 'lines'>> }>(),
    /** What is set to undefined is decided no longer. */
    'Line decided': props<{ line: string; change: Decision }>(),
    'Masses pinned': props<{ grams: Readonly<Record<string, number>> }>(),
    /** All of them weighed from now on, in one step. */
    'Lines weighed': props<{ lines: readonly string[] }>(),
    'Decision undone': emptyProps(),
    'Decision redone': emptyProps(),
    'Line answered': props<{ answer: SentLineAnswer }>(),
    'Answer taken back': props<{ of: SentLineAnswer }>(),
    'Photos set': props<{ photos: readonly RecipePhoto[] }>(),
    'Save wanted': emptyProps(),
    'Saving started': emptyProps(),
    'Recipe created': props<{ recipe: Recipe }>(),
    'Recipe saved': props<{ recipe: Recipe }>(),
    /** `isAway`: there was no server; otherwise it refused. */
    'Recipe not saved': props<{ problem: string; isAway: boolean }>(),
    /** What could not be saved is kept in this browser. */
    'Draft kept': props<{ isKept: boolean }>(),
    'Draft recalled': props<{ id: string; revision: number; draft: RecalledDraft }>(),
    'Newer version met': props<{ theirs: Recipe }>(),
    'Theirs taken': emptyProps(),
    'Mine kept': emptyProps(),
  },
});
