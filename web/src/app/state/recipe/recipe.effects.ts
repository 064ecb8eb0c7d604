import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concat,
  concatMap,
  debounceTime,
  exhaustMap,
  filter,
  map,
  merge,
  of,
  switchMap,
  take,
  takeUntil,
  tap,
  withLatestFrom,
  type Observable,
} from 'rxjs';
import { RecipesApi, conflictOf, isAway, problemOf } from '../../api/recipes-api';
import { unharmed } from '../../api/unharmed';
import { authorsActions } from '../authors/authors.feature';
import { draftOf, sameDraft } from './draft';
import { forgetNewRecipe, rememberNewRecipe } from './new-recipe-memory';
import { recipeActions } from './recipe.actions';
import { recipeFeature, type RecipeState } from './recipe.feature';

/** A change rests this long before it is saved, so that typing is one change. */
const REST_MILLISECONDS = 400;

const EDITS = [
  recipeActions.textEdited,
  recipeActions.standardChosen,
  recipeActions.authorChosen,
  recipeActions.factorSet,
  recipeActions.methodChosen,
  recipeActions.balanceSet,
  recipeActions.lineDecided,
  recipeActions.massesPinned,
  recipeActions.linesWeighed,
  recipeActions.decisionUndone,
  recipeActions.decisionRedone,
  recipeActions.lineAnswered,
  recipeActions.answerTakenBack,
  recipeActions.photosSet,
] as const;

export const loadRecipe = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi)) =>
    actions.pipe(
      ofType(recipeActions.recipeAskedFor),
      switchMap(({ id }) =>
        api.read(id).pipe(
          takeUntil(actions.pipe(ofType(recipeActions.newRecipeOpened))),
          map((recipe) => recipeActions.recipeLoaded({ recipe })),
          catchError((error: unknown) =>
            of(recipeActions.recipeNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** The open recipe as it is now; one that can't be had is asked for again with the next change. */
export const refreshRecipe = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) =>
    actions.pipe(
      ofType(recipeActions.recipeChangedElsewhere),
      withLatestFrom(store.select(recipeFeature.selectSaved)),
      switchMap(([, saved]) =>
        saved
          ? api.read(saved.id).pipe(
              map((recipe) => recipeActions.recipeRefreshed({ recipe })),
              unharmed(
                'the recipe stays as it is shown: it is asked for again with the next change',
              ),
            )
          : EMPTY,
      ),
    ),
  { functional: true },
);

/** Saves what has changed, one request after another, each based on the last one's revision. */
export const saveChanges = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) => {
    const rested = actions.pipe(ofType(...EDITS), debounceTime(REST_MILLISECONDS));
    const atOnce = actions.pipe(
      ofType(recipeActions.saveWanted, recipeActions.mineKept, recipeActions.recipeSaved),
    );
    const save = ({ saved, draft }: RecipeState): Observable<Action> =>
      concat(
        of(recipeActions.savingStarted()),
        api.replace(saved!.id, { ...draft, revision: saved!.revision }).pipe(
          map((recipe) => recipeActions.recipeSaved({ recipe })),
          catchError((error: unknown) => {
            const theirs = conflictOf(error);
            // It had arrived, and only the answer was lost.
            if (theirs && sameDraft(draftOf(theirs), draft)) {
              return of(recipeActions.recipeSaved({ recipe: theirs }));
            }
            return of(
              theirs
                ? recipeActions.newerVersionMet({ theirs })
                : recipeActions.recipeNotSaved({
                    problem: problemOf(error),
                    isAway: isAway(error),
                  }),
            );
          }),
        ),
      );
    // The state is looked at when a save's turn has come, not when it was asked for.
    return merge(rested, atOnce).pipe(
      concatMap(() =>
        store
          .select(recipeFeature.selectRecipeState)
          .pipe(take(1), filter(isUnsaved), switchMap(save)),
      ),
    );
  },
  { functional: true },
);

function isUnsaved({ saved, draft, status }: RecipeState): boolean {
  if (saved === null || status === 'conflict' || draft.text.trim() === '') return false;
  return !sameDraft(draft, draftOf(saved));
}

export const createRecipe = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) =>
    actions.pipe(
      ofType(recipeActions.saveWanted),
      withLatestFrom(store.select(recipeFeature.selectRecipeState)),
      filter(([, { saved }]) => saved === null),
      exhaustMap(([, { draft }]) =>
        api.create(draft).pipe(
          map((recipe) => recipeActions.recipeCreated({ recipe })),
          catchError((error: unknown) =>
            of(recipeActions.recipeNotSaved({ problem: problemOf(error), isAway: isAway(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

export const openCreated = createEffect(
  (actions = inject(Actions), router = inject(Router)) =>
    actions.pipe(
      ofType(recipeActions.recipeCreated),
      tap(({ recipe }) => {
        forgetNewRecipe();
        void router.navigate(['/recipes', recipe.id, 'amounts']);
      }),
    ),
  { functional: true, dispatch: false },
);

/** What an author's lines say of their cup may change with every recipe of theirs that is saved. */
export const refreshAuthors = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recipeActions.recipeSaved, recipeActions.recipeCreated),
      filter(({ recipe }) => recipe.authorId !== null),
      map(() => authorsActions.authorsAskedFor()),
    ),
  { functional: true },
);

/** A recipe that was never saved survives a reload or a crash of the page. */
export const keepNewRecipe = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(...EDITS),
      withLatestFrom(store.select(recipeFeature.selectRecipeState)),
      filter(([, { saved }]) => saved === null),
      tap(([, { draft }]) => rememberNewRecipe(draft)),
    ),
  { functional: true, dispatch: false },
);
