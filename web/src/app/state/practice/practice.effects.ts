import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  concat,
  concatMap,
  defer,
  distinctUntilChanged,
  filter,
  from,
  map,
  of,
  switchMap,
  tap,
} from 'rxjs';
import { PracticeApi } from '../../api/practice-api';
import { problemOf } from '../../api/recipes-api';
import { changesActions } from '../changes/changes.feature';
import { practiceActions, practiceFeature } from './practice.feature';
import { rememberTries } from './unsent-tries';

const notReached = (error: unknown) =>
  of(practiceActions.practiceNotReached({ problem: problemOf(error) }));

export const loadTries = createEffect(
  (actions = inject(Actions), api = inject(PracticeApi)) =>
    actions.pipe(
      ofType(practiceActions.triesAskedFor),
      switchMap(() =>
        api.tries().pipe(
          map((tries) => practiceActions.triesLoaded({ tries })),
          catchError(notReached),
        ),
      ),
    ),
  { functional: true },
);

/** What is practised on another device counts here too. */
export const followTries = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(changesActions.areasChanged),
      filter(({ areas }) => areas.includes('practice')),
      map(() => practiceActions.triesAskedFor()),
    ),
  { functional: true },
);

/** What the server has not got yet is in this browser, before it is sent anywhere. */
export const keepTries = createEffect(
  (store = inject(Store)) =>
    store.select(practiceFeature.selectPracticeState).pipe(
      map(({ entities, waiting, leaving }) => ({ entities, waiting, leaving })),
      distinctUntilChanged((a, b) => a.waiting === b.waiting && a.leaving === b.leaving),
      tap(({ entities, waiting, leaving }) =>
        rememberTries({ made: waiting.flatMap((id) => entities[id] ?? []), leaving }),
      ),
    ),
  { functional: true, dispatch: false },
);

/**
 * Sends what waits, one after another, then what was taken back. A try has an id of its own: sent
 * twice is once, and one that never came is gone.
 */
export const sendTries = createEffect(
  (actions = inject(Actions), api = inject(PracticeApi), store = inject(Store)) => {
    const state = store.selectSignal(practiceFeature.selectPracticeState);
    const send = (waiting: string) => {
      const made = state().entities[waiting];
      // It was taken back before its turn came.
      if (!made) return of(practiceActions.tryKept({ id: waiting }));
      const { id, ...draft } = made;
      return api.addTry(id, draft).pipe(map(() => practiceActions.tryKept({ id })));
    };
    const remove = (id: string) =>
      api.removeTry(id).pipe(map(() => practiceActions.tryGone({ id })));
    return actions.pipe(
      ofType(
        practiceActions.tryMade,
        practiceActions.sendingWanted,
        practiceActions.tryTakenBack,
        // Once the server is back, and with what an earlier visit could not send.
        changesActions.serverFound,
        practiceActions.triesLoaded,
      ),
      concatMap(() =>
        concat(
          from(state().waiting).pipe(concatMap(send)),
          defer(() => from(state().leaving)).pipe(concatMap(remove)),
        ).pipe(catchError(notReached)),
      ),
    );
  },
  { functional: true },
);
