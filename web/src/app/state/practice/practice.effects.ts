import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  concat,
  concatMap,
  defer,
  filter,
  from,
  map,
  merge,
  of,
  switchMap,
  tap,
} from 'rxjs';
import { PracticeApi } from '../../api/practice-api';
import { problemOf } from '../../api/recipes-api';
import { changesActions } from '../changes/changes.feature';
import { practiceActions, practiceFeature } from './practice.feature';
import { keepLeaving, keepTry, letGoTry, recallTries } from './unsent-tries';

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

/** What the server has not got yet is in this browser, one by one, until it has. */
export const keepTries = createEffect(
  (actions = inject(Actions)) =>
    merge(
      actions.pipe(
        ofType(practiceActions.tryMade),
        tap(({ made }) => void keepTry(made)),
      ),
      actions.pipe(
        ofType(practiceActions.tryTakenBack),
        tap(({ id }) => void keepLeaving(id)),
      ),
    ),
  { functional: true, dispatch: false },
);

/** A try that was kept, and taken back meanwhile, goes on waiting to leave. */
export const letGoTries = createEffect(
  (actions = inject(Actions), store = inject(Store)) => {
    const leaving = store.selectSignal(practiceFeature.selectLeaving);
    return actions.pipe(
      ofType(practiceActions.tryKept, practiceActions.tryGone),
      filter(({ id }) => !leaving().includes(id)),
      tap(({ id }) => void letGoTry(id)),
    );
  },
  { functional: true, dispatch: false },
);

/** What an earlier visit could not send, or a page that was closed. */
export const recallUnsent = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(practiceActions.triesAskedFor, changesActions.serverFound),
      switchMap(() => recallTries()),
      filter(({ made, leaving }) => made.length + leaving.length > 0),
      map((unsent) => practiceActions.unsentRecalled({ unsent })),
    ),
  { functional: true },
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
        practiceActions.unsentRecalled,
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
