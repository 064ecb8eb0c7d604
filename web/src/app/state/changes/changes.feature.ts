import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { ChangingArea } from '@ypsigram/contract/house';

export const changesActions = createActionGroup({
  source: 'Changes',
  events: {
    /** Something is there that this window does not know yet. */
    'Areas changed': props<{ areas: readonly ChangingArea[] }>(),
    /** Changes to these recipes wait for a decision: they were changed elsewhere too. */
    'Drafts stuck': props<{ recipeIds: readonly string[] }>(),
    /** So much was done at a bake that is not on the server any more. */
    'Acts stuck': props<{ bakeId: string; count: number }>(),
    'Stuck acts let go': props<{ bakeId: string }>(),
    /** The server was updated, and this page is of before. */
    'Newer page found': emptyProps(),
    'Server found': emptyProps(),
    'Server lost': emptyProps(),
  },
});

/** Whether the server can be reached; null until that is known. */
export interface ChangesState {
  readonly isReached: boolean | null;
  readonly stuck: readonly string[];
  readonly hasNewerPage: boolean;
  readonly stuckActs: readonly { readonly bakeId: string; readonly count: number }[];
}

export const changesFeature = createFeature({
  name: 'changes',
  reducer: createReducer<ChangesState>(
    { isReached: null, stuck: [], hasNewerPage: false, stuckActs: [] },
    on(changesActions.serverFound, (state) => ({ ...state, isReached: true })),
    on(changesActions.serverLost, (state) => ({ ...state, isReached: false })),
    on(changesActions.newerPageFound, (state) => ({ ...state, hasNewerPage: true })),
    on(changesActions.actsStuck, (state, { bakeId, count }) => ({
      ...state,
      stuckActs: [...state.stuckActs.filter((one) => one.bakeId !== bakeId), { bakeId, count }],
    })),
    on(changesActions.stuckActsLetGo, (state, { bakeId }) => ({
      ...state,
      stuckActs: state.stuckActs.filter((one) => one.bakeId !== bakeId),
    })),
    on(changesActions.draftsStuck, (state, { recipeIds }) => ({ ...state, stuck: recipeIds })),
  ),
});
