import { HttpErrorResponse } from '@angular/common/http';
import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  catchError,
  concatMap,
  distinctUntilChanged,
  filter,
  map,
  of,
  switchMap,
  take,
} from 'rxjs';
import type { Kitchen } from '@ypsigram/contract';
import { KitchenApi } from '../../api/kitchen-api';
import { problemOf } from '../../api/recipes-api';
import { unharmed } from '../../api/unharmed';
import { kitchenActions, kitchenChanges } from './kitchen.actions';
import { kitchenFeature } from './kitchen.feature';
import { rememberKitchen, takeOverKitchen } from './unsaved-kitchen';

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

/**
 * What pages that are closed could not save comes one after another, each from the revision that it
 * was changed from: the server says which of them were changed elsewhere too.
 */
export const takeOverUnsaved = createEffect(
  (actions = inject(Actions), store = inject(Store)) => {
    const state = store.selectSignal(kitchenFeature.selectKitchenState);
    return actions.pipe(
      ofType(
        kitchenActions.kitchenLoaded,
        kitchenActions.kitchenSaved,
        kitchenActions.newerKitchenMet,
      ),
      // One after another: the next is looked for once the one before is settled.
      concatMap(async () => (state().current === state().saved ? takeOverKitchen() : null)),
      filter((unsaved) => unsaved !== null),
      switchMap((unsaved): readonly Action[] => [
        kitchenActions.unsavedFound({ unsaved }),
        kitchenActions.saveWanted(),
      ]),
    );
  },
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
      // One after another; what this browser can't keep is told by its outbox.
      concatMap((unsaved) => rememberKitchen(unsaved)),
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
          unharmed('the kitchen stays as it is shown: it is asked for again with the next change'),
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
