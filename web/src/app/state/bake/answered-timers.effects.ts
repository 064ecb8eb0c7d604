import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { isAnsweredBy } from '@ypsigram/core/bench/oven';
import { mergeMap } from 'rxjs';
import { timersActions, timersFeature } from '../timers/timers.feature';
import { bakeActions, bakeFeature } from './bake.feature';

/** What was waited for is done: its timers have nothing more to say, on any device. */
export const endAnsweredTimers = createEffect(
  (actions = inject(Actions), store = inject(Store)) => {
    const timers = store.selectSignal(timersFeature.selectTimers);
    const bakeId = store.selectSignal(bakeFeature.selectId);
    return actions.pipe(
      ofType(bakeActions.actDone),
      mergeMap(({ reading: { act } }) =>
        timers()
          .filter((one) => one.bakeId === bakeId() && one.awaits && isAnsweredBy(one.awaits, act))
          .map(({ id }) => timersActions.timerStopped({ id })),
      ),
    );
  },
  { functional: true },
);
