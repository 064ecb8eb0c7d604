import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  debounceTime,
  map,
  merge,
  mergeMap,
  of,
  switchMap,
  withLatestFrom,
} from 'rxjs';
import { LARGEST_PAGE } from '@ypsigram/contract/frame';
import { RecipesApi, problemOf } from '../../api/recipes-api';
import { unharmed } from '../../api/unharmed';
import { bookActions, bookFeature } from './book.feature';

const PAGE_SIZE = 50;
/** A search waits this long for the next letter. */
const REST_MILLISECONDS = 150;

export const loadPage = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) =>
    merge(
      actions.pipe(ofType(bookActions.bookOpened, bookActions.moreWanted)),
      actions.pipe(ofType(bookActions.searchTyped), debounceTime(REST_MILLISECONDS)),
    ).pipe(
      withLatestFrom(store.select(bookFeature.selectBookState)),
      switchMap(([, { query, page }]) =>
        api.list(query, page, PAGE_SIZE).pipe(
          map((found) => bookActions.pageLoaded({ page: found, query })),
          catchError((error: unknown) =>
            of(bookActions.pageNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** As many as are shown, as they are now; a list that can't be had now stays as it is. */
export const refreshPage = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) =>
    actions.pipe(
      ofType(bookActions.bookChangedElsewhere),
      withLatestFrom(store.select(bookFeature.selectBookState)),
      switchMap(([, { query, page }]) =>
        api.list(query, 1, Math.min(LARGEST_PAGE, page * PAGE_SIZE)).pipe(
          map((found) => bookActions.pageLoaded({ page: found, query })),
          unharmed('the list stays as it is shown: it is asked for again with the next change'),
        ),
      ),
    ),
  { functional: true },
);

export const deleteRecipe = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi)) =>
    actions.pipe(
      ofType(bookActions.deletionWanted),
      mergeMap(({ recipe }) =>
        api.remove(recipe.id).pipe(
          map(() => bookActions.recipeDeleted({ recipe })),
          catchError((error: unknown) => of(bookActions.actFailed({ problem: problemOf(error) }))),
        ),
      ),
    ),
  { functional: true },
);

export const undoDeletion = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi)) =>
    actions.pipe(
      ofType(bookActions.deletionUndone),
      mergeMap(({ recipe }) =>
        api.restore(recipe.id).pipe(
          map(() => bookActions.recipeRestored({ recipe })),
          catchError((error: unknown) => of(bookActions.actFailed({ problem: problemOf(error) }))),
        ),
      ),
    ),
  { functional: true },
);
