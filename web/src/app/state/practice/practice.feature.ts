import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import type { UnsentTries } from './unsent-tries';

export const practiceActions = createActionGroup({
  source: 'Practice',
  events: {
    'Tries asked for': emptyProps(),
    'Tries loaded': props<{ tries: readonly PracticeTryRecord[] }>(),
    /** What an earlier visit, or another page, could not send. */
    'Unsent recalled': props<{ unsent: UnsentTries }>(),
    'Try made': props<{ made: PracticeTryRecord }>(),
    'Try kept': props<{ id: string }>(),
    'Try taken back': props<{ id: string }>(),
    'Try gone': props<{ id: string }>(),
    'Practice not reached': props<{ problem: string }>(),
    /** Sends again what the server has not got yet. */
    'Sending wanted': emptyProps(),
  },
});

/** What was practised, by everybody of this kitchen. */
export interface PracticeState extends EntityState<PracticeTryRecord> {
  readonly isLoaded: boolean;
  /** Tries that the server has not got yet, in order. */
  readonly waiting: readonly string[];
  /** Tries that were taken back, and are still on the server. */
  readonly leaving: readonly string[];
  /** The last try of this visit; null once it was taken back. */
  readonly last: string | null;
  readonly problem: string | null;
}

const adapter = createEntityAdapter<PracticeTryRecord>({
  sortComparer: (a, b) => a.at.localeCompare(b.at),
});

const INITIAL: PracticeState = adapter.getInitialState({
  isLoaded: false,
  waiting: [],
  leaving: [],
  last: null,
  problem: null,
});

/** Both, each once. */
const joined = (a: readonly string[], b: readonly string[]): readonly string[] => [
  ...new Set([...a, ...b]),
];

export const practiceFeature = createFeature({
  name: 'practice',
  reducer: createReducer(
    INITIAL,
    // What is still on its way, here or away, is not forgotten by what comes from the server.
    on(practiceActions.triesLoaded, (state, { tries }) =>
      adapter.upsertMany(
        tries.filter(({ id }) => !state.leaving.includes(id)),
        { ...state, isLoaded: true, problem: null },
      ),
    ),
    // What was made or taken back in this page meanwhile is newer.
    on(practiceActions.unsentRecalled, (state, { unsent }) => {
      const made = unsent.made.filter(({ id }) => !state.leaving.includes(id));
      const leaving = unsent.leaving.filter((id) => !state.waiting.includes(id));
      return adapter.upsertMany(
        made,
        adapter.removeMany(leaving, {
          ...state,
          waiting: joined(
            made.map(({ id }) => id),
            state.waiting,
          ),
          leaving: joined(leaving, state.leaving),
        }),
      );
    }),
    on(practiceActions.tryMade, (state, { made }) =>
      adapter.setOne(made, { ...state, waiting: [...state.waiting, made.id], last: made.id }),
    ),
    on(practiceActions.tryKept, (state, { id }) => ({
      ...state,
      waiting: state.waiting.filter((other) => other !== id),
      problem: null,
    })),
    on(practiceActions.tryGone, (state, { id }) => ({
      ...state,
      leaving: state.leaving.filter((other) => other !== id),
      problem: null,
    })),
    on(practiceActions.tryTakenBack, (state, { id }) =>
      adapter.removeOne(id, {
        ...state,
        waiting: state.waiting.filter((other) => other !== id),
        leaving: [...state.leaving, id],
        last: null,
      }),
    ),
    on(practiceActions.practiceNotReached, (state, { problem }) => ({ ...state, problem })),
  ),
  extraSelectors: ({ selectPracticeState }) => {
    const { selectAll: selectTries } = adapter.getSelectors(selectPracticeState);
    return {
      /** By time. */
      selectTries,
    };
  },
});
