import { HttpErrorResponse } from '@angular/common/http';
import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concatMap,
  distinctUntilChanged,
  filter,
  map,
  of,
  switchMap,
  take,
  tap,
} from 'rxjs';
import type { Kitchen } from '@ypsigram/contract';
import { KitchenApi } from '../../api/kitchen-api';
import { problemOf } from '../../api/recipes-api';
import { kitchenActions, kitchenChanges } from './kitchen.actions';
import { kitchenFeature } from './kitchen.feature';
import { recallKitchen, rememberKitchen } from './unsaved-kitchen';

const CHANGES = Object.values(kitchenChanges);

export const loadKitchen = createEffect(
  (actions = inject(Actions), api = inject(KitchenApi)) =>
    actions.pipe(
      ofType(kitchenActions.kitchenAskedFor),
      switchMap(() =>
        api.read().pipe(
          switchMap((kitchen): readonly Action[] => {
            const loaded = kitchenActions.kitchenLoaded({ kitchen });
            const unsaved = recallKitchen();
            return unsaved
              ? [loaded, kitchenActions.unsavedFound({ unsaved }), kitchenActions.saveWanted()]
              : [loaded];
          }),
          catchError((error: unknown) =>
            of(kitchenActions.kitchenNotLoaded({ problem: problemOf(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** A change that the server has not got yet is in this browser until it has. */
export const rememberUnsaved = createEffect(
  (store = inject(Store)) =>
    store.select(kitchenFeature.selectKitchenState).pipe(
      filter(({ isLoaded }) => isLoaded),
      distinctUntilChanged((a, b) => a.current === b.current && a.saved === b.saved),
      map(({ revision, saved, current }) => (current === saved ? null : { revision, current })),
      distinctUntilChanged(),
      tap(rememberKitchen),
    ),
  { functional: true, dispatch: false },
);

/** A kitchen that can't be had now is asked for again with the next change. */
export const refreshKitchen = createEffect(
  (actions = inject(Actions), api = inject(KitchenApi)) =>
    actions.pipe(
      ofType(kitchenActions.kitchenChangedElsewhere),
      switchMap(() =>
        api.read().pipe(
          map((kitchen) => kitchenActions.kitchenRefreshed({ kitchen })),
          catchError(() => EMPTY),
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
              map((kitchen) => kitchenActions.kitchenSaved({ kitchen, sent: current })),
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
