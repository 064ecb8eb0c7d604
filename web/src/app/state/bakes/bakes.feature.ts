import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type { Bake, BakeSummary } from '@ypsigram/contract';

export const bakesActions = createActionGroup({
  source: 'Bakes',
  events: {
    'Bakes asked for': emptyProps(),
    'Bakes loaded': props<{ bakes: BakeSummary[] }>(),
    'Bakes not loaded': props<{ problem: string }>(),
    'Bake begun': props<{ bake: Bake }>(),
    'Bake changed': props<{ bake: Pick<BakeSummary, 'id' | 'ready' | 'of' | 'stage'> }>(),
    'Deletion wanted': props<{ bake: BakeSummary }>(),
    'Bake deleted': props<{ bake: BakeSummary }>(),
    'Deletion undone': props<{ bake: BakeSummary }>(),
    'Bake restored': props<{ bake: BakeSummary }>(),
  },
});

/** The bakes of this kitchen, the newest first. */
export interface BakesState {
  readonly bakes: readonly BakeSummary[];
  readonly isLoaded: boolean;
  /** The one that was deleted last, as long as it can be brought back. */
  readonly deleted: BakeSummary | null;
  readonly problem: string | null;
}

const initialState: BakesState = { bakes: [], isLoaded: false, deleted: null, problem: null };

const summaryOf = ({ plan: _, readings: __, recipeRevision: ___, ...summary }: Bake): BakeSummary =>
  summary;

const without = (bakes: readonly BakeSummary[], id: string): readonly BakeSummary[] =>
  bakes.filter((bake) => bake.id !== id);

export const bakesFeature = createFeature({
  name: 'bakes',
  reducer: createReducer(
    initialState,
    on(bakesActions.bakesLoaded, (state, { bakes }) => ({
      ...state,
      bakes,
      isLoaded: true,
      problem: null,
    })),
    on(bakesActions.bakesNotLoaded, (state, { problem }) => ({ ...state, problem })),
    on(bakesActions.bakeBegun, (state, { bake }) => ({
      ...state,
      bakes: [summaryOf(bake), ...without(state.bakes, bake.id)],
    })),
    on(bakesActions.bakeChanged, (state, { bake }) => ({
      ...state,
      bakes: state.bakes.map((known) => (known.id === bake.id ? { ...known, ...bake } : known)),
    })),
    on(bakesActions.bakeDeleted, (state, { bake }) => ({
      ...state,
      bakes: without(state.bakes, bake.id),
      deleted: bake,
      problem: null,
    })),
    on(bakesActions.bakeRestored, (state, { bake }) => ({
      ...state,
      bakes: [bake, ...without(state.bakes, bake.id)],
      deleted: null,
      problem: null,
    })),
  ),
  extraSelectors: ({ selectBakes }) => ({
    /** Those at the bench: what is to go on with. */
    selectAtBench: createSelector(selectBakes, (bakes) =>
      bakes.filter(({ stage }) => stage === 'bench'),
    ),
    /** Those in the oven. */
    selectInOven: createSelector(selectBakes, (bakes) =>
      bakes.filter(({ stage }) => stage === 'oven'),
    ),
  }),
});
