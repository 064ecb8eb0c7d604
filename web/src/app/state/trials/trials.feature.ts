import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import type { TrialDraft, TrialRecord } from '@ypsigram/contract';
import { MOST_STEPS } from '../history/history';

/** What a baker can change of a trial afterwards. */
export type TrialChange = Pick<TrialRecord, 'verdict' | 'conditions'>;

export const trialsActions = createActionGroup({
  source: 'Trials',
  events: {
    'Trials asked for': emptyProps(),
    'Trials loaded': props<{ trials: TrialRecord[] }>(),
    'Trial made': props<{ draft: TrialDraft }>(),
    'Trial judged': props<{ trial: TrialRecord; by: Partial<TrialChange> }>(),
    'Trial deleted': props<{ trial: TrialRecord }>(),
    'Change taken back': props<{ undo: TrialUndo }>(),
    'Trial kept': props<{ trial: TrialRecord; undo: TrialUndo | null }>(),
    'Trial gone': props<{ trial: TrialRecord; undo: TrialUndo | null }>(),
    'Table came in': props<{ importId: string }>(),
    'Trials not reached': props<{ problem: string }>(),
  },
});

/** What takes a change back. */
export type TrialUndo =
  | { readonly kind: 'delete' | 'restore'; readonly trial: TrialRecord }
  | { readonly kind: 'judge'; readonly trial: TrialRecord; readonly by: TrialChange }
  | { readonly kind: 'import'; readonly importId: string };

export interface TrialsState extends EntityState<TrialRecord> {
  readonly isLoaded: boolean;
  /** How to take back the last changes of this visit, the newest last. */
  readonly past: readonly TrialUndo[];
  readonly problem: string | null;
}

const adapter = createEntityAdapter<TrialRecord>({
  sortComparer: (a, b) => a.at.localeCompare(b.at),
});

const initialState: TrialsState = adapter.getInitialState({
  isLoaded: false,
  past: [],
  problem: null,
});

const remember = (past: readonly TrialUndo[], undo: TrialUndo | null): readonly TrialUndo[] =>
  undo ? [...past, undo].slice(-MOST_STEPS) : past;

export const trialsFeature = createFeature({
  name: 'trials',
  reducer: createReducer(
    initialState,
    on(trialsActions.trialsLoaded, (state, { trials }) =>
      adapter.setAll(trials, { ...state, isLoaded: true, problem: null }),
    ),
    on(trialsActions.trialKept, (state, { trial, undo }) =>
      adapter.setOne(trial, { ...state, past: remember(state.past, undo), problem: null }),
    ),
    on(trialsActions.trialGone, (state, { trial, undo }) =>
      adapter.removeOne(trial.id, { ...state, past: remember(state.past, undo), problem: null }),
    ),
    on(trialsActions.tableCameIn, (state, { importId }) => ({
      ...state,
      past: remember(state.past, { kind: 'import', importId }),
    })),
    on(trialsActions.changeTakenBack, (state, { undo }) => ({
      ...state,
      past: state.past.filter((step) => step !== undo),
    })),
    on(trialsActions.trialsNotReached, (state, { problem }) => ({ ...state, problem })),
  ),
  extraSelectors: ({ selectTrialsState }) => {
    const { selectAll: selectTrials } = adapter.getSelectors(selectTrialsState);
    return {
      /** By time. */
      selectTrials,
    };
  },
});
