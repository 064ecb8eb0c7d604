import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { LearnedReply } from '@ypsigram/contract/log';

export const learnedActions = createActionGroup({
  source: 'Learned',
  events: {
    /** A bake of the open recipe was rated, kept as good, or neither any more. */
    'Log changed': emptyProps(),
    'Learned loaded': props<{ recipeId: string; learned: LearnedReply }>(),
    'Learned not loaded': props<{ problem: string }>(),
  },
});

/** What the bakes of the open recipe have told. */
export interface LearnedState {
  readonly recipeId: string | null;
  readonly learned: LearnedReply | null;
  readonly problem: string | null;
}

const initialState: LearnedState = { recipeId: null, learned: null, problem: null };

const limitsOf = ({ limits }: LearnedReply) =>
  Object.fromEntries(limits.filter(({ isUsed }) => isUsed).map(({ part, limit }) => [part, limit]));

export const learnedFeature = createFeature({
  name: 'learned',
  reducer: createReducer(
    initialState,
    on(learnedActions.learnedLoaded, (state, { recipeId, learned }) => {
      const isSame =
        state.recipeId === recipeId && JSON.stringify(state.learned) === JSON.stringify(learned);
      return isSame ? state : { recipeId, learned, problem: null };
    }),
    on(learnedActions.learnedNotLoaded, (state, { problem }) => ({ ...state, problem })),
  ),
  extraSelectors: ({ selectLearned }) => ({
    /** What of it is planned by. */
    selectToPlanBy: createSelector(selectLearned, (learned) => ({
      proven: learned?.proven ?? [],
      forgives: learned?.kind ? { kind: learned.kind, limits: limitsOf(learned) } : null,
    })),
  }),
});
