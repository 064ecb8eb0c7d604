import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { RecipePage, RecipeSummary } from '@ypsigram/contract';

export const bookActions = createActionGroup({
  source: 'Book',
  events: {
    'Book opened': emptyProps(),
    'Book changed elsewhere': emptyProps(),
    'Search typed': props<{ query: string }>(),
    'More wanted': emptyProps(),
    'Page loaded': props<{ page: RecipePage; query: string }>(),
    'Page not loaded': props<{ problem: string }>(),
    'Deletion wanted': props<{ recipe: RecipeSummary }>(),
    'Recipe deleted': props<{ recipe: RecipeSummary }>(),
    'Deletion undone': props<{ recipe: RecipeSummary }>(),
    'Recipe restored': props<{ recipe: RecipeSummary }>(),
    'Act failed': props<{ problem: string }>(),
    'Undo dismissed': props<{ id: string }>(),
    'Problem dismissed': emptyProps(),
  },
});

export interface BookState {
  readonly recipes: EntityState<RecipeSummary>;
  readonly query: string;
  readonly page: number;
  readonly total: number;
  readonly status: 'loading' | 'ready' | 'failed';
  readonly problem: string | null;
  /** Deleted in this visit and not yet given up: each can be brought back. */
  readonly undoable: readonly RecipeSummary[];
}

const byTitle = createEntityAdapter<RecipeSummary>({
  sortComparer: (a, b) => a.title.localeCompare(b.title, undefined, { sensitivity: 'base' }),
});

const initialState: BookState = {
  recipes: byTitle.getInitialState(),
  query: '',
  page: 1,
  total: 0,
  status: 'loading',
  problem: null,
  undoable: [],
};

const without = (list: readonly RecipeSummary[], id: string): readonly RecipeSummary[] =>
  list.filter((recipe) => recipe.id !== id);

export const bookFeature = createFeature({
  name: 'book',
  reducer: createReducer(
    initialState,
    on(bookActions.bookOpened, (state) => ({ ...state, page: 1, problem: null })),
    on(bookActions.searchTyped, (state, { query }) => ({ ...state, query, page: 1 })),
    on(bookActions.moreWanted, (state) => ({ ...state, page: state.page + 1 })),
    on(bookActions.pageLoaded, (state, { page, query }) => {
      // An answer to an earlier search comes too late to be shown.
      if (query !== state.query) return state;
      const recipes =
        page.page === 1
          ? byTitle.setAll(page.items, state.recipes)
          : byTitle.upsertMany(page.items, state.recipes);
      return { ...state, recipes, total: page.total, status: 'ready' as const, problem: null };
    }),
    on(bookActions.pageNotLoaded, (state, { problem }) => ({
      ...state,
      status: 'failed' as const,
      problem,
    })),
    on(bookActions.recipeDeleted, (state, { recipe }) => ({
      ...state,
      recipes: byTitle.removeOne(recipe.id, state.recipes),
      total: state.total - 1,
      undoable: [...without(state.undoable, recipe.id), recipe],
    })),
    on(bookActions.recipeRestored, (state, { recipe }) => ({
      ...state,
      recipes: byTitle.upsertOne(recipe, state.recipes),
      total: state.total + 1,
      undoable: without(state.undoable, recipe.id),
    })),
    on(bookActions.undoDismissed, (state, { id }) => ({
      ...state,
      undoable: without(state.undoable, id),
    })),
    on(bookActions.actFailed, (state, { problem }) => ({ ...state, problem })),
    on(bookActions.problemDismissed, (state) => ({ ...state, problem: null })),
  ),
  extraSelectors: ({ selectRecipes }) => byTitle.getSelectors(selectRecipes),
});
