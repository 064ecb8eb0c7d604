import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Timer } from '@ypsigram/contract/oven';
import { recallUnsent, withUnsent, type UnsentTimer } from './unsent-timers';

export const timersActions = createActionGroup({
  source: 'Timers',
  events: {
    'Timers asked for': emptyProps(),
    /** `aheadMilliseconds`: how far the clock of this device is ahead of the server's. */
    'Timers loaded': props<{ timers: readonly Timer[]; aheadMilliseconds: number }>(),
    'Timer set': props<{ timer: Timer }>(),
    'Timer stopped': props<{ id: string }>(),
    'Timer kept': props<{ sent: UnsentTimer }>(),
    'Timer not kept': props<{ problem: string }>(),
    /** The server takes it never: it is let go. */
    'Timer refused': props<{ sent: UnsentTimer; problem: string }>(),
  },
});

/** Timers of all devices, the next to ring first. */
export interface TimersState {
  readonly timers: readonly Timer[];
  /** What was set or stopped here and is not on the server yet, in order. */
  readonly unsent: readonly UnsentTimer[];
  readonly aheadMilliseconds: number;
  readonly problem: string | null;
}

const changed = (state: TimersState, one: UnsentTimer): TimersState => {
  const unsent = [...state.unsent.filter(({ id }) => id !== one.id), one];
  return { ...state, unsent, timers: withUnsent(state.timers, unsent) };
};

const settled = (state: TimersState, sent: UnsentTimer): readonly UnsentTimer[] =>
  state.unsent.filter((one) => one !== sent);

export const timersFeature = createFeature({
  name: 'timers',
  reducer: createReducer(
    ((): TimersState => {
      const unsent = recallUnsent();
      return { timers: withUnsent([], unsent), unsent, aheadMilliseconds: 0, problem: null };
    })(),
    on(timersActions.timersLoaded, (state, { timers, aheadMilliseconds }) => {
      const all = withUnsent(timers, state.unsent);
      return JSON.stringify(state.timers) === JSON.stringify(all) && state.problem === null
        ? state
        : { ...state, timers: all, aheadMilliseconds, problem: null };
    }),
    on(timersActions.timerSet, (state, { timer }) => changed(state, { id: timer.id, timer })),
    on(timersActions.timerStopped, (state, { id }) => changed(state, { id, timer: null })),
    on(timersActions.timerKept, (state, { sent }) => ({
      ...state,
      unsent: settled(state, sent),
      problem: null,
    })),
    on(timersActions.timerNotKept, (state, { problem }) => ({ ...state, problem })),
    on(timersActions.timerRefused, (state, { sent, problem }) => ({
      ...state,
      unsent: settled(state, sent),
      problem,
    })),
  ),
});
