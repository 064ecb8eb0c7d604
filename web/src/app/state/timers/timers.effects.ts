import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  EMPTY,
  Observable,
  catchError,
  concatMap,
  distinctUntilChanged,
  exhaustMap,
  map,
  merge,
  of,
  switchMap,
  tap,
  timer as every,
} from 'rxjs';
import { OvenApi } from '../../api/oven-api';
import { problemOf } from '../../api/recipes-api';
import { timersActions, timersFeature } from './timers.feature';

/** How often it is looked whether another device has changed a timer, and whether it has set one. */
const LOOK_MILLISECONDS = 3000;
const IDLE_LOOK_MILLISECONDS = 15_000;
/** Windows of the same browser tell each other at once. */
const CHANNEL = 'ypsigram-timers';

/** Says whenever another window of this browser has changed a timer. */
const toldByOthers = (): Observable<unknown> =>
  new Observable((subscriber) => {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = () => subscriber.next(null);
    return () => channel.close();
  });

function tellOthers(): void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage(null);
  channel.close();
}

/** Looks again and again: a stream for each window would use up a browser's connections. */
export const watchTimers = createEffect(
  (actions = inject(Actions), api = inject(OvenApi), store = inject(Store)) =>
    actions.pipe(
      ofType(timersActions.timersWatched),
      switchMap(() =>
        merge(
          store.select(timersFeature.selectTimers).pipe(
            map((timers) => timers.length > 0),
            distinctUntilChanged(),
            switchMap((isBusy) => {
              const beat = isBusy ? LOOK_MILLISECONDS : IDLE_LOOK_MILLISECONDS;
              return every(isBusy ? beat : 0, beat);
            }),
          ),
          actions.pipe(ofType(timersActions.timerKept)),
          toldByOthers(),
        ),
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
      tap(() => tellOthers()),
      catchError((error: unknown, again) =>
        merge(of(timersActions.timerNotKept({ problem: problemOf(error) })), again),
      ),
    ),
  { functional: true },
);
