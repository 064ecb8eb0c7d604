import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Timer } from '@ypsigram/contract/oven';
import { withUnsent, type UnsentTimer } from './unsent-timers';

export const timersActions = createActionGroup({
  source: 'Timers',
  events: {
    'Timers asked for': emptyProps(),
    /** `aheadMilliseconds`: how far the clock of this device is ahead of the server's. */
    'Timers loaded': props<{ timers: readonly Timer[]; aheadMilliseconds: number }>(),
    'Timer set': props<{ timer: Timer }>(),
    'Timer stopped': props<{ id: string }>(),
    /** Stopped by hand: for a while it can be had back. */
    'Timer put out': props<{ timer: Timer }>(),
    'Putting out settled': emptyProps(),
    /** What an earlier visit, or another page, could not send. */
    'Unsent recalled': props<{ unsent: readonly UnsentTimer[] }>(),
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
  /** The last one that was stopped by hand; null once that is settled. */
  readonly putOut: Timer | null;
  readonly problem: string | null;
}

const changed = (state: TimersState, one: UnsentTimer): TimersState => {
  const unsent = [...state.unsent.filter(({ id }) => id !== one.id), one];
  return { ...state, unsent, timers: withUnsent(state.timers, unsent) };
};

const settled = (state: TimersState, sent: UnsentTimer): readonly UnsentTimer[] =>
  state.unsent.filter((one) => one !== sent);

const NO_TIMERS: TimersState = {
  timers: [],
  unsent: [],
  aheadMilliseconds: 0,
  putOut: null,
  problem: null,
};

export const timersFeature = createFeature({
  name: 'timers',
  reducer: createReducer(
    NO_TIMERS,
    on(timersActions.timersLoaded, (state, { timers, aheadMilliseconds }) => {
      const all = withUnsent(timers, state.unsent);
      return JSON.stringify(state.timers) === JSON.stringify(all) && state.problem === null
        ? state
        : { ...state, timers: all, aheadMilliseconds, problem: null };
    }),
    on(timersActions.timerSet, (state, { timer }) => changed(state, { id: timer.id, timer })),
    on(timersActions.timerStopped, (state, { id }) => changed(state, { id, timer: null })),
    on(timersActions.timerPutOut, (state, { timer }) => ({ ...state, putOut: timer })),
    on(timersActions.puttingOutSettled, (state) => ({ ...state, putOut: null })),
    // What was changed in this page meanwhile is newer.
    on(timersActions.unsentRecalled, (state, { unsent: recalled }) => {
      const own = new Set(state.unsent.map(({ id }) => id));
      const fresh = recalled.filter(({ id }) => !own.has(id));
      if (fresh.length === 0) return state;
      const unsent = [...fresh, ...state.unsent];
      return { ...state, unsent, timers: withUnsent(state.timers, unsent) };
    }),
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
