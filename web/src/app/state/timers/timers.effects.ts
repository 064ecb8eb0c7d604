import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store, type Action } from '@ngrx/store';
import {
  EMPTY,
  catchError,
  concatMap,
  filter,
  map,
  merge,
  of,
  switchMap,
  tap,
  timer,
  type Observable,
} from 'rxjs';
import { OvenApi } from '../../api/oven-api';
import { isAway, problemOf } from '../../api/recipes-api';
import { unharmed } from '../../api/unharmed';
import { changesActions } from '../changes/changes.feature';
import { timersActions, timersFeature } from './timers.feature';
import { keepTimer, letGoTimer, recallTimers, type UnsentTimer } from './unsent-timers';

/** How long a stop by hand can be taken back. */
const UNDO_MILLISECONDS = 20_000;

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
          unharmed('timers that are known go on running while the server is away'),
        ),
      ),
    ),
  { functional: true },
);

/** What the server has not got yet is in this browser, one by one, until it has. */
export const keepTimers = createEffect(
  (actions = inject(Actions)) =>
    merge(
      actions.pipe(
        ofType(timersActions.timerSet),
        tap(({ timer }) => void keepTimer({ id: timer.id, timer })),
      ),
      actions.pipe(
        ofType(timersActions.timerStopped),
        tap(({ id }) => void keepTimer({ id, timer: null })),
      ),
      actions.pipe(
        ofType(timersActions.timerKept, timersActions.timerRefused),
        tap(({ sent }) => void letGoTimer(sent)),
      ),
    ),
  { functional: true, dispatch: false },
);

/** What an earlier visit could not send, or a page that was closed. */
export const recallUnsent = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(timersActions.timersAskedFor, changesActions.serverFound),
      switchMap(() => recallTimers()),
      filter((unsent) => unsent.length > 0),
      map((unsent) => timersActions.unsentRecalled({ unsent })),
    ),
  { functional: true },
);

/** A timer that was stopped by hand can be had back for a while. */
export const settlePuttingOut = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(timersActions.timerPutOut),
      switchMap(() => timer(UNDO_MILLISECONDS)),
      map(() => timersActions.puttingOutSettled()),
    ),
  { functional: true },
);

/** One after another, each with an id of its own: sent twice is once. What fails waits. */
export const sendTimers = createEffect(
  (actions = inject(Actions), api = inject(OvenApi), store = inject(Store)) => {
    const unsent = store.selectSignal(timersFeature.selectUnsent);
    const send = (sent: UnsentTimer): Observable<Action> => {
      const { id, timer: set } = sent;
      if (!set) return api.stopTimer(id).pipe(map(() => timersActions.timerKept({ sent })));
      const { id: _, ...draft } = set;
      return api.setTimer(id, draft).pipe(map(() => timersActions.timerKept({ sent })));
    };
    return merge(
      actions.pipe(ofType(timersActions.timerSet, timersActions.timerStopped)),
      actions.pipe(
        ofType(
          changesActions.serverFound,
          timersActions.timersAskedFor,
          timersActions.unsentRecalled,
        ),
      ),
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
