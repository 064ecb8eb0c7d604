import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import type { Author, AuthorDraft } from '@ypsigram/contract';

/** What a baker can change of an author. */
export type AuthorChange = Omit<Author, 'id' | 'revision' | 'inferred' | 'recipeCount'>;

export const authorsActions = createActionGroup({
  source: 'Authors',
  events: {
    'Authors asked for': emptyProps(),
    'Authors loaded': props<{ authors: Author[] }>(),
    'Author added': props<{ draft: AuthorDraft }>(),
    'Author changed': props<{ author: Author; by: Partial<AuthorChange> }>(),
    'Author removed': props<{ author: Author }>(),
    'Removal undone': props<{ author: Author }>(),
    'Author kept': props<{ author: Author }>(),
    'Author gone': props<{ author: Author }>(),
    'Authors not reached': props<{ problem: string }>(),
  },
});

export interface AuthorsState extends EntityState<Author> {
  readonly isLoaded: boolean;
  /** The one that was added last: to be opened. */
  readonly latest: string | null;
  /** The one that was removed last, as long as it can be brought back. */
  readonly removed: Author | null;
  readonly problem: string | null;
}

const adapter = createEntityAdapter<Author>({
  sortComparer: (a, b) => a.name.localeCompare(b.name),
});

const initialState: AuthorsState = adapter.getInitialState({
  isLoaded: false,
  latest: null,
  removed: null,
  problem: null,
});

export const authorsFeature = createFeature({
  name: 'authors',
  reducer: createReducer(
    initialState,
    on(authorsActions.authorsLoaded, (state, { authors }) =>
      adapter.setAll(authors, { ...state, isLoaded: true, problem: null }),
    ),
    on(authorsActions.authorKept, (state, { author }) =>
      adapter.setOne(author, {
        ...state,
        latest: author.id in state.entities ? state.latest : author.id,
        removed: state.removed?.id === author.id ? null : state.removed,
        problem: null,
      }),
    ),
    on(authorsActions.authorGone, (state, { author }) =>
      adapter.removeOne(author.id, { ...state, removed: author, problem: null }),
    ),
    on(authorsActions.authorsNotReached, (state, { problem }) => ({ ...state, problem })),
  ),
  extraSelectors: ({ selectAuthorsState }) => {
    const { selectAll: selectAuthors } = adapter.getSelectors(selectAuthorsState);
    return {
      /** By name. */
      selectAuthors,
    };
  },
});
