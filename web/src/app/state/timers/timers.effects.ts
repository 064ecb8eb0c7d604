import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concatMap,
  distinctUntilChanged,
  map,
  merge,
  of,
  switchMap,
  tap,
  type Observable,
} from 'rxjs';
import { OvenApi } from '../../api/oven-api';
import { isAway, problemOf } from '../../api/recipes-api';
import { changesActions } from '../changes/changes.feature';
import { timersActions, timersFeature } from './timers.feature';
import { rememberUnsent, type UnsentTimer } from './unsent-timers';

export const loadTimers = createEffect(
  (actions = inject(Actions), api = inject(OvenApi)) =>
    actions.pipe(
      ofType(timersActions.timersAskedFor, timersActions.timerKept, timersActions.timerRefused),
      switchMap(() =>
        api.timers().pipe(
          map(({ now, items }) =>
            timersActions.timersLoaded({
              timers: items,
              aheadMilliseconds: Date.now() - Date.parse(now),
            }),
          ),
          // A server that is away for a while is no news here: what is known goes on running.
          catchError(() => EMPTY),
        ),
      ),
    ),
  { functional: true },
);

/** What the server has not got yet is in this browser, before it is sent anywhere. */
export const rememberTimers = createEffect(
  (store = inject(Store)) =>
    store.select(timersFeature.selectUnsent).pipe(distinctUntilChanged(), tap(rememberUnsent)),
  { functional: true, dispatch: false },
);

/** One after another, each with an id of its own: sent twice is once. What fails waits. */
export const sendTimers = createEffect(
  (actions = inject(Actions), api = inject(OvenApi), store = inject(Store)) => {
    const unsent = store.selectSignal(timersFeature.selectUnsent);
    const send = (sent: UnsentTimer): Observable<Action> => {
      const { id, timer } = sent;
      if (!timer) return api.stopTimer(id).pipe(map(() => timersActions.timerKept({ sent })));
      const { id: _, ...draft } = timer;
      return api.setTimer(id, draft).pipe(map(() => timersActions.timerKept({ sent })));
    };
    return merge(
      actions.pipe(ofType(timersActions.timerSet, timersActions.timerStopped)),
      actions.pipe(ofType(changesActions.serverFound, timersActions.timersAskedFor)),
    ).pipe(
      concatMap(() => unsent()),
      concatMap((one) => {
        // Kept meanwhile, or changed again: then the later one has its turn.
        if (!unsent().includes(one)) return EMPTY;
        return send(one).pipe(
          catchError((error: unknown) => {
            const problem = problemOf(error);
            return of(
              isAway(error)
                ? timersActions.timerNotKept({ problem })
                : timersActions.timerRefused({ sent: one, problem }),
            );
          }),
        );
      }),
    );
  },
  { functional: true },
);
