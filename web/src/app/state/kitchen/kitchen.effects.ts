import { HttpErrorResponse } from '@angular/common/http';
import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { catchError, concatMap, filter, map, of, switchMap, take } from 'rxjs';
import type { Kitchen } from '@ypsigram/contract';
import { KitchenApi } from '../../api/kitchen-api';
import { problemOf } from '../../api/recipes-api';
import { kitchenActions, kitchenChanges } from './kitchen.actions';
import { kitchenFeature } from './kitchen.feature';

const CHANGES = Object.values(kitchenChanges);

export const loadKitchen = createEffect(
  (actions = inject(Actions), api = inject(KitchenApi)) =>
    actions.pipe(
      ofType(kitchenActions.kitchenAskedFor),
      switchMap(() =>
        api.read().pipe(
          map((kitchen) => kitchenActions.kitchenLoaded({ kitchen })),
          catchError((error: unknown) =>
            of(kitchenActions.kitchenNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

function newerKitchen(error: unknown): Kitchen | null {
  if (!(error instanceof HttpErrorResponse) || error.status !== 409) return null;
  return (error.error as { theirs: Kitchen }).theirs;
}

/** Every change is saved at once, one after another, each based on the last one's revision. */
export const saveKitchen = createEffect(
  (actions = inject(Actions), api = inject(KitchenApi), store = inject(Store)) =>
    actions.pipe(
      ofType(...CHANGES, kitchenActions.saveWanted),
      concatMap(() =>
        store.select(kitchenFeature.selectKitchenState).pipe(
          take(1),
          filter(({ isLoaded, current, saved }) => isLoaded && current !== saved),
          switchMap(({ current, revision }) =>
            api.replace({ ...current, revision }).pipe(
              map((kitchen) => kitchenActions.kitchenSaved({ kitchen })),
              catchError((error: unknown) => {
                const kitchen = newerKitchen(error);
                const problem = problemOf(error);
                return of(
                  kitchen
                    ? kitchenActions.newerKitchenMet({ kitchen, problem })
                    : kitchenActions.kitchenNotSaved({ problem }),
                );
              }),
            ),
          ),
        ),
      ),
    ),
  { functional: true },
);
