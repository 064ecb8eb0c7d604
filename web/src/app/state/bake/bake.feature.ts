import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Bake, BakeReadingReply } from '@ypsigram/contract';
import type { BakeReading } from '@ypsigram/core/bench';

export const bakeActions = createActionGroup({
  source: 'Bake',
  events: {
    'Bake opened': props<{ id: string }>(),
    'Bake left': emptyProps(),
    'Bake recalled': props<{ bake: Bake | null; waiting: readonly BakeReading[] }>(),
    'Bake loaded': props<{ bake: Bake }>(),
    'Bake not loaded': props<{ problem: string }>(),
    'Act done': props<{ reading: BakeReading }>(),
    'Act remembered': emptyProps(),
    'Readings kept': props<{ bakeId: string; readings: readonly BakeReadingReply[] }>(),
    /** The server has no such bake any more: they wait here until somebody decides. */
    'Readings stuck': props<{ bakeId: string; problem: string }>(),
    'Readings refused': props<{ ids: readonly string[]; problem: string }>(),
    'Server lost': emptyProps(),
    'Server found': emptyProps(),
    'New text wanted': emptyProps(),
    'Problem dismissed': emptyProps(),
  },
});

export interface OpenBakeState {
  readonly id: string | null;
  /** With the readings that the server has kept; null until it is known. */
  readonly bake: Bake | null;
  /** What was done here and is not kept by the server yet. */
  readonly waiting: readonly BakeReading[];
  readonly isServerThere: boolean;
  readonly problem: string | null;
}

const initialState: OpenBakeState = {
  id: null,
  bake: null,
  waiting: [],
  isServerThere: true,
  problem: null,
};

const withoutIds = (
  readings: readonly BakeReading[],
  ids: ReadonlySet<string>,
): readonly BakeReading[] => readings.filter(({ id }) => !ids.has(id));

/** Readings by their sequence, each once. */
function merged(
  known: readonly BakeReadingReply[],
  more: readonly BakeReadingReply[],
): BakeReadingReply[] {
  const bySequence = new Map([...known, ...more].map((one) => [one.sequence, one]));
  return [...bySequence.values()].sort((a, b) => a.sequence - b.sequence);
}

function kept(state: OpenBakeState, readings: readonly BakeReadingReply[]): OpenBakeState {
  if (!state.bake) return state;
  const bake = { ...state.bake, readings: merged(state.bake.readings, readings) };
  const waiting = withoutIds(state.waiting, new Set(readings.map(({ id }) => id)));
  return { ...state, bake, waiting };
}

export const bakeFeature = createFeature({
  name: 'bake',
  reducer: createReducer(
    initialState,
    on(bakeActions.bakeOpened, (state, { id }) =>
      state.id === id ? state : { ...initialState, id },
    ),
    on(bakeActions.bakeLeft, () => initialState),
    on(bakeActions.bakeRecalled, (state, { bake, waiting }) => {
      const all = [
        ...withoutIds(waiting, new Set(state.waiting.map(({ id }) => id))),
        ...state.waiting,
      ];
      // What the server said meanwhile is newer than what was remembered.
      return { ...state, bake: state.bake ?? bake, waiting: all };
    }),
    on(bakeActions.bakeLoaded, (state, { bake }) =>
      bake.id === state.id
        ? kept({ ...state, bake, problem: null, isServerThere: true }, bake.readings)
        : state,
    ),
    on(bakeActions.bakeNotLoaded, (state, { problem }) => ({ ...state, problem })),
    on(bakeActions.actDone, (state, { reading }) => ({
      ...state,
      waiting: [...state.waiting, reading],
    })),
    on(bakeActions.readingsKept, (state, { bakeId, readings }) =>
      bakeId === state.id ? kept({ ...state, isServerThere: true }, readings) : state,
    ),
    on(bakeActions.readingsRefused, (state, { ids, problem }) => ({
      ...state,
      waiting: withoutIds(state.waiting, new Set(ids)),
      problem,
    })),
    on(bakeActions.readingsStuck, (state, { bakeId, problem }) =>
      bakeId === state.id ? { ...state, problem } : state,
    ),
    on(bakeActions.serverLost, (state) => ({ ...state, isServerThere: false })),
    on(bakeActions.serverFound, (state) => ({ ...state, isServerThere: true })),
    on(bakeActions.problemDismissed, (state) => ({ ...state, problem: null })),
  ),
});
