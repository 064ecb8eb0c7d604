import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { NEW_KITCHEN, drawerOfKitchen, type Kitchen, type KitchenTool } from '@ypsigram/contract';
import { shelfOf, type OwnWeight } from '@ypsigram/core/catalogue';
import type { Standard } from '@ypsigram/core/units';

/** Which weight: of an ingredient, in a form, by a method. */
type WeightOf = Pick<OwnWeight, 'ingredientId' | 'form' | 'method'>;

export const kitchenActions = createActionGroup({
  source: 'Kitchen',
  events: {
    'Kitchen asked for': emptyProps(),
    'Kitchen loaded': props<{ kitchen: Kitchen }>(),
    'Kitchen not loaded': props<{ problem: string }>(),
    'Standard chosen': props<{ standard: Standard }>(),
    'Tool changed': props<{ name: string; tool: KitchenTool }>(),
    'Tool added': props<{ tool: KitchenTool }>(),
    'Tool removed': props<{ name: string }>(),
    'Weight set': props<{ weight: OwnWeight }>(),
    'Weight put back': props<{ of: WeightOf }>(),
    'Change undone': emptyProps(),
    'Save wanted': emptyProps(),
    'Kitchen saved': props<{ kitchen: Kitchen }>(),
    'Kitchen not saved': props<{ problem: string }>(),
    'Newer kitchen met': props<{ kitchen: Kitchen; problem: string }>(),
  },
});

export type Possessions = Omit<Kitchen, 'revision'>;

export interface KitchenState {
  readonly isLoaded: boolean;
  /** Revision of what the server last acknowledged. */
  readonly revision: number;
  readonly saved: Possessions;
  readonly current: Possessions;
  /** What was before each change of this visit, the newest last. */
  readonly past: readonly Possessions[];
  readonly problem: string | null;
}

const possessions = ({ standard, tools, weights }: Kitchen): Possessions => ({
  standard,
  tools,
  weights,
});

/** The weights without the one of this form and method. */
const withoutWeight = (weights: readonly OwnWeight[], of: WeightOf): OwnWeight[] =>
  weights.filter(
    ({ ingredientId, form, method }) =>
      ingredientId !== of.ingredientId || form !== of.form || method !== of.method,
  );

const initialState: KitchenState = {
  isLoaded: false,
  revision: 0,
  saved: possessions(NEW_KITCHEN),
  current: possessions(NEW_KITCHEN),
  past: [],
  problem: null,
};

const change = (state: KitchenState, by: Partial<Possessions>): KitchenState => ({
  ...state,
  past: [...state.past, state.current],
  current: { ...state.current, ...by },
});

const changeTools = (
  state: KitchenState,
  by: (tools: readonly KitchenTool[]) => KitchenTool[],
): KitchenState => change(state, { tools: by(state.current.tools) });

export const kitchenFeature = createFeature({
  name: 'kitchen',
  reducer: createReducer(
    initialState,
    on(kitchenActions.kitchenLoaded, (_, { kitchen }): KitchenState => ({
      ...initialState,
      isLoaded: true,
      revision: kitchen.revision,
      saved: possessions(kitchen),
      current: possessions(kitchen),
    })),
    on(kitchenActions.kitchenNotLoaded, (state, { problem }) => ({ ...state, problem })),
    on(kitchenActions.standardChosen, (state, { standard }) => change(state, { standard })),
    on(kitchenActions.toolChanged, (state, { name, tool }) =>
      changeTools(state, (tools) => tools.map((old) => (old.name === name ? tool : old))),
    ),
    on(kitchenActions.toolAdded, (state, { tool }) =>
      changeTools(state, (tools) => [...tools, tool]),
    ),
    on(kitchenActions.toolRemoved, (state, { name }) =>
      changeTools(state, (tools) => tools.filter((tool) => tool.name !== name)),
    ),
    on(kitchenActions.weightSet, (state, { weight }) =>
      change(state, { weights: [...withoutWeight(state.current.weights, weight), weight] }),
    ),
    on(kitchenActions.weightPutBack, (state, { of }) =>
      change(state, { weights: withoutWeight(state.current.weights, of) }),
    ),
    on(kitchenActions.changeUndone, (state) => {
      const before = state.past.at(-1);
      return before ? { ...state, current: before, past: state.past.slice(0, -1) } : state;
    }),
    on(kitchenActions.kitchenSaved, (state, { kitchen }) => ({
      ...state,
      revision: kitchen.revision,
      saved: possessions(kitchen),
      problem: null,
    })),
    on(kitchenActions.kitchenNotSaved, (state, { problem }) => ({ ...state, problem })),
    on(kitchenActions.newerKitchenMet, (state, { kitchen, problem }) => ({
      ...state,
      revision: kitchen.revision,
      saved: possessions(kitchen),
      current: possessions(kitchen),
      // What was chosen here is one step back, not lost.
      past: [...state.past, state.current],
      problem,
    })),
  ),
  extraSelectors: ({ selectCurrent }) => ({
    /** The drawer that plans are made with. */
    selectOwnDrawer: createSelector(selectCurrent, (current) => drawerOfKitchen(current)),
    /** The ingredients with the weights of this kitchen. */
    selectOwnShelf: createSelector(selectCurrent, ({ weights }) => shelfOf(weights)),
  }),
});
