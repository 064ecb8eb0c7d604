import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import {
  EMPTY,
  catchError,
  concatMap,
  exhaustMap,
  map,
  merge,
  of,
  switchMap,
  timer as every,
} from 'rxjs';
import { OvenApi } from '../../api/oven-api';
import { problemOf } from '../../api/recipes-api';
import { timersActions } from './timers.feature';

/** How often it is looked whether another device has set or stopped a timer. */
const LOOK_MILLISECONDS = 3000;

/** Looks again and again: a stream for each window would use up a browser's connections. */
export const watchTimers = createEffect(
  (actions = inject(Actions), api = inject(OvenApi)) =>
    actions.pipe(
      ofType(timersActions.timersWatched),
      switchMap(() =>
        merge(every(0, LOOK_MILLISECONDS), actions.pipe(ofType(timersActions.timerKept))),
      ),
      exhaustMap(() =>
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

export const keepTimer = createEffect(
  (actions = inject(Actions), api = inject(OvenApi)) =>
    actions.pipe(
      ofType(timersActions.timerSet, timersActions.timerStopped),
      concatMap((action) => {
        if (action.type === timersActions.timerStopped.type) return api.stopTimer(action.id);
        const { id, ...draft } = action.timer;
        return api.setTimer(id, draft);
      }),
      map(() => timersActions.timerKept()),
      catchError((error: unknown, again) =>
        merge(of(timersActions.timerNotKept({ problem: problemOf(error) })), again),
      ),
    ),
  { functional: true },
);
