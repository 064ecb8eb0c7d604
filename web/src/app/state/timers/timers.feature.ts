import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Timer } from '@ypsigram/contract/oven';

export const timersActions = createActionGroup({
  source: 'Timers',
  events: {
    'Timers watched': emptyProps(),
    /** `aheadMilliseconds`: how far the clock of this device is ahead of the server's. */
    'Timers loaded': props<{ timers: readonly Timer[]; aheadMilliseconds: number }>(),
    'Timer set': props<{ timer: Timer }>(),
    'Timer stopped': props<{ id: string }>(),
    'Timer kept': emptyProps(),
    'Timer not kept': props<{ problem: string }>(),
  },
});

/** Timers of all devices, the next to ring first. */
export interface TimersState {
  readonly timers: readonly Timer[];
  readonly aheadMilliseconds: number;
  readonly problem: string | null;
}

const initialState: TimersState = { timers: [], aheadMilliseconds: 0, problem: null };

const inOrder = (timers: readonly Timer[]): readonly Timer[] =>
  [...timers].sort((a, b) => (a.endsAt < b.endsAt ? -1 : 1));
const others = (timers: readonly Timer[], id: string): readonly Timer[] =>
  timers.filter((timer) => timer.id !== id);

export const timersFeature = createFeature({
  name: 'timers',
  reducer: createReducer(
    initialState,
    on(timersActions.timersLoaded, (state, { timers, aheadMilliseconds }) =>
      JSON.stringify(state.timers) === JSON.stringify(timers) && state.problem === null
        ? state
        : { timers, aheadMilliseconds, problem: null },
    ),
    on(timersActions.timerSet, (state, { timer }) => ({
      ...state,
      timers: inOrder([...others(state.timers, timer.id), timer]),
    })),
    on(timersActions.timerStopped, (state, { id }) => ({
      ...state,
      timers: others(state.timers, id),
    })),
    on(timersActions.timerNotKept, (state, { problem }) => ({ ...state, problem })),
  ),
});
