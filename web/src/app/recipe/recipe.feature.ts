import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Recipe } from '@ypsigram/contract';
import { Fraction } from '@ypsigram/core/amount';
import { carryMethods, planBatch, readFactor } from '@ypsigram/core/batch';
import type { Method } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { EMPTY_DRAFT, draftOf, sameDraft, type Draft } from './draft';

export const recipeActions = createActionGroup({
  source: 'Recipe',
  events: {
    'New recipe opened': props<{ draft: Draft }>(),
    'Recipe asked for': props<{ id: string }>(),
    'Recipe loaded': props<{ recipe: Recipe }>(),
    'Recipe not loaded': props<{ problem: string }>(),
    'Text edited': props<{ text: string }>(),
    'Standard chosen': props<{ standard: Standard }>(),
    'Factor set': props<{ factor: string }>(),
    'Method chosen': props<{ index: number; method: Method }>(),
    'Save wanted': emptyProps(),
    'Saving started': emptyProps(),
    'Recipe created': props<{ recipe: Recipe }>(),
    'Recipe saved': props<{ recipe: Recipe }>(),
    'Recipe not saved': props<{ problem: string }>(),
    'Newer version met': props<{ theirs: Recipe }>(),
    'Theirs taken': emptyProps(),
    'Mine kept': emptyProps(),
  },
});

/** `new`: never saved. `changed`: waiting to be saved. `failed` keeps everything and says why. */
export type SaveStatus = 'new' | 'saved' | 'changed' | 'saving' | 'failed' | 'conflict';

export interface RecipeState {
  /** As the server last acknowledged it; null while it is new or loading. */
  readonly saved: Recipe | null;
  readonly draft: Draft;
  readonly status: SaveStatus;
  readonly loading: boolean;
  readonly problem: string | null;
  /** The version that somebody else saved meanwhile. */
  readonly theirs: Recipe | null;
}

const initialState: RecipeState = {
  saved: null,
  draft: EMPTY_DRAFT,
  status: 'new',
  loading: false,
  problem: null,
  theirs: null,
};

function edited(state: RecipeState, draft: Draft): RecipeState {
  if (state.saved === null) return { ...state, draft };
  if (state.status === 'conflict') return { ...state, draft };
  const status = sameDraft(draft, draftOf(state.saved)) ? 'saved' : 'changed';
  return { ...state, draft, status };
}

function opened(recipe: Recipe): RecipeState {
  return { ...initialState, saved: recipe, draft: draftOf(recipe), status: 'saved' };
}

export const recipeFeature = createFeature({
  name: 'recipe',
  reducer: createReducer(
    initialState,
    on(recipeActions.newRecipeOpened, (_, { draft }) => ({ ...initialState, draft })),
    on(recipeActions.recipeAskedFor, () => ({ ...initialState, loading: true })),
    on(recipeActions.recipeLoaded, recipeActions.recipeCreated, (_, { recipe }) => opened(recipe)),
    on(recipeActions.recipeNotLoaded, (_, { problem }) => ({ ...initialState, problem })),
    on(recipeActions.textEdited, (state, { text }) => {
      const { standard, methods } = state.draft;
      const carried = Object.keys(methods).length
        ? carryMethods(readRecipe(state.draft.text, standard), readRecipe(text, standard), methods)
        : methods;
      return edited(state, { ...state.draft, text, methods: carried });
    }),
    on(recipeActions.standardChosen, (state, { standard }) =>
      edited(state, { ...state.draft, standard }),
    ),
    on(recipeActions.factorSet, (state, { factor }) =>
      edited(state, { ...state.draft, batch: { by: 'factor', factor } }),
    ),
    on(recipeActions.methodChosen, (state, { index, method }) =>
      edited(state, { ...state.draft, methods: { ...state.draft.methods, [index]: method } }),
    ),
    on(recipeActions.savingStarted, (state) => ({
      ...state,
      status: 'saving' as const,
      problem: null,
    })),
    on(recipeActions.recipeSaved, (state, { recipe }) => {
      // An answer that comes late must not turn one recipe into another.
      if (state.saved?.id !== recipe.id) return state;
      // What was typed while the answer was under way is kept, and saved next.
      return edited({ ...state, saved: recipe, status: 'saved', problem: null }, state.draft);
    }),
    on(recipeActions.recipeNotSaved, (state, { problem }) => ({
      ...state,
      status: state.saved ? ('failed' as const) : ('new' as const),
      problem,
    })),
    on(recipeActions.newerVersionMet, (state, { theirs }) => ({
      ...state,
      status: 'conflict' as const,
      theirs,
    })),
    on(recipeActions.theirsTaken, (state) => (state.theirs ? opened(state.theirs) : state)),
    on(recipeActions.mineKept, (state) =>
      state.theirs
        ? { ...state, saved: state.theirs, theirs: null, status: 'changed' as const }
        : state,
    ),
  ),
  extraSelectors: ({ selectDraft }) => {
    const selectText = createSelector(selectDraft, ({ text }) => text);
    const selectStandard = createSelector(selectDraft, ({ standard }) => standard);
    const selectBatch = createSelector(selectDraft, ({ batch }) => batch);
    const selectMethods = createSelector(selectDraft, ({ methods }) => methods);
    const selectReading = createSelector(selectText, selectStandard, readRecipe);
    const selectFactor = createSelector(selectBatch, ({ factor }) => {
      const reading = readFactor(factor);
      return reading.ok ? reading.factor : new Fraction(1);
    });
    const selectPlan = createSelector(
      selectReading,
      selectFactor,
      selectMethods,
      kitchenFeature.selectOwnDrawer,
      kitchenFeature.selectOwnShelf,
      (reading, factor, methods, drawer, shelf) =>
        planBatch(reading, { factor, methods, drawer, shelf }),
    );
    return { selectText, selectStandard, selectFactor, selectReading, selectPlan };
  },
});
