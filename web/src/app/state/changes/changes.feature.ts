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
    'Server found': emptyProps(),
    'Server lost': emptyProps(),
  },
});

/** Whether the server can be reached; null until that is known. */
export interface ChangesState {
  readonly isReached: boolean | null;
  readonly stuck: readonly string[];
}

export const changesFeature = createFeature({
  name: 'changes',
  reducer: createReducer<ChangesState>(
    { isReached: null, stuck: [] },
    on(changesActions.serverFound, (state) => ({ ...state, isReached: true })),
    on(changesActions.serverLost, (state) => ({ ...state, isReached: false })),
    on(changesActions.draftsStuck, (state, { recipeIds }) => ({ ...state, stuck: recipeIds })),
  ),
});
