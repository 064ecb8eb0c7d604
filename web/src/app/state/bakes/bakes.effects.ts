import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, map, mergeMap, of, switchMap } from 'rxjs';
import { BakesApi } from '../../api/bakes-api';
import { problemOf } from '../../api/recipes-api';
import { bakesActions } from './bakes.feature';

const notLoaded = (error: unknown) =>
  of(bakesActions.bakesNotLoaded({ problem: problemOf(error) }));

export const loadBakes = createEffect(
  (actions = inject(Actions), api = inject(BakesApi)) =>
    actions.pipe(
      ofType(bakesActions.bakesAskedFor),
      switchMap(() =>
        api.list().pipe(
          map((bakes) => bakesActions.bakesLoaded({ bakes })),
          catchError(notLoaded),
        ),
      ),
    ),
  { functional: true },
);

export const deleteBake = createEffect(
  (actions = inject(Actions), api = inject(BakesApi)) =>
    actions.pipe(
      ofType(bakesActions.deletionWanted),
      mergeMap(({ bake }) =>
        api.remove(bake.id).pipe(
          map(() => bakesActions.bakeDeleted({ bake })),
          catchError(notLoaded),
        ),
      ),
    ),
  { functional: true },
);

export const restoreBake = createEffect(
  (actions = inject(Actions), api = inject(BakesApi)) =>
    actions.pipe(
      ofType(bakesActions.deletionUndone),
      mergeMap(({ bake }) =>
        api.restore(bake.id).pipe(
          map(() => bakesActions.bakeRestored({ bake })),
          catchError(notLoaded),
        ),
      ),
    ),
  { functional: true },
);
