import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, filter, map, of, switchMap } from 'rxjs';
import { LogApi } from '../../api/log-api';
import { problemOf } from '../../api/recipes-api';
import { recipeActions } from '../recipe/recipe.actions';
import { recipeFeature } from '../recipe/recipe.feature';
import { learnedActions } from './learned.feature';

/** A recipe is planned by what its bakes told: asked for when it opens, and when that changes. */
export const loadLearned = createEffect(
  (actions = inject(Actions), api = inject(LogApi), store = inject(Store)) => {
    const saved = store.selectSignal(recipeFeature.selectSaved);
    return actions.pipe(
      ofType(recipeActions.recipeLoaded, recipeActions.recipeCreated, learnedActions.logChanged),
      map(() => saved()?.id),
      filter((id) => id !== undefined),
      switchMap((recipeId) =>
        api.learned(recipeId).pipe(
          map((learned) => learnedActions.learnedLoaded({ recipeId, learned })),
          catchError((error: unknown) =>
            of(learnedActions.learnedNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    );
  },
  { functional: true },
);
