import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { KeptAnswer, Kitchen, KitchenTool } from '@ypsigram/contract';
import { USUAL_KITCHEN } from '@ypsigram/contract/frame';
import { sameFilling, type FillingOf } from '@ypsigram/core/measuring';
import { sameAnswer } from '@ypsigram/core/reading/answer';
import type { PublicTable } from '@ypsigram/core/table';
import { NO_HISTORY, record, stepBack, type History } from '../history/history';
import { formatsOf } from './formats';
import { kitchenActions, kitchenChanges } from './kitchen.actions';

export type Possessions = Omit<Kitchen, 'revision'>;

export interface KitchenState {
  readonly isLoaded: boolean;
  /** Revision of what the server last acknowledged. */
  readonly revision: number;
  readonly saved: Possessions;
  readonly current: Possessions;
  /** What was before each change of this visit. */
  readonly history: History<Possessions>;
  readonly problem: string | null;
  /** The public table behind the shelf, once something was looked up in it. */
  readonly table: PublicTable | null;
  /** It was wanted and did not come. */
  readonly isTableAway: boolean;
}

const possessions = ({ revision: _, ...rest }: Kitchen): Possessions => rest;

/** The weights without the one of this form and method. */
const withoutWeight = (weights: Possessions['weights'], of: FillingOf): Possessions['weights'] =>
  weights.filter((weight) => !sameFilling(weight, of));

const withoutAnswer = (answers: Possessions['answers'], of: KeptAnswer): Possessions['answers'] =>
  answers.filter((answer) => !sameAnswer(answer, of));

/** The list with an item in the place of the one with the same key, or at its end. */
function keep<T, K extends keyof T>(list: readonly T[], key: K, item: T): T[] {
  const at = list.findIndex((other) => other[key] === item[key]);
  return at < 0 ? [...list, item] : list.map((other, index) => (index === at ? item : other));
}

const without = <T, K extends keyof T>(list: readonly T[], key: K, value: T[K]): T[] =>
  list.filter((item) => item[key] !== value);

const initialState: KitchenState = {
  isLoaded: false,
  revision: 0,
  saved: possessions(USUAL_KITCHEN),
  current: possessions(USUAL_KITCHEN),
  history: NO_HISTORY,
  problem: null,
  table: null,
  isTableAway: false,
};

const change = (state: KitchenState, by: Partial<Possessions>): KitchenState => ({
  ...state,
  history: record(state.history, state.current),
  current: { ...state.current, ...by },
});

const changeTools = (
  state: KitchenState,
  by: (tools: readonly KitchenTool[]) => KitchenTool[],
): KitchenState => change(state, { tools: by(state.current.tools) });

/** As the server has it: the same object twice, so that a change is told from none. */
const nothingUnsaved = (kitchen: Kitchen): Pick<KitchenState, 'revision' | 'saved' | 'current'> => {
  const saved = possessions(kitchen);
  return { revision: kitchen.revision, saved, current: saved };
};

/** What the server has now, its state before one step of undo away. */
const takeOver = (state: KitchenState, kitchen: Kitchen, problem: string | null): KitchenState => ({
  ...state,
  ...nothingUnsaved(kitchen),
  history: record(state.history, state.current),
  problem,
});

export const kitchenFeature = createFeature({
  name: 'kitchen',
  reducer: createReducer(
    initialState,
    on(kitchenActions.kitchenLoaded, ({ table }, { kitchen }): KitchenState => ({
      ...initialState,
      table,
      ...nothingUnsaved(kitchen),
      isLoaded: true,
    })),
    // What waits to be saved here stays: the server then says that both were changed. Steps back
    // would take back what others did, so they end here.
    on(kitchenActions.kitchenRefreshed, (state, { kitchen }) =>
      state.current !== state.saved || kitchen.revision <= state.revision
        ? state
        : { ...takeOver(state, kitchen, null), isLoaded: true, history: NO_HISTORY },
    ),
    // Saved from the revision it was changed from: whoever changed it since is not overwritten.
    on(kitchenActions.unsavedFound, (state, { unsaved }) => ({
      ...state,
      ...unsaved,
      history: record(state.history, state.current),
    })),
    on(kitchenActions.tableRead, (state, { table }) => ({ ...state, table, isTableAway: false })),
    on(kitchenActions.tableNotRead, (state) => ({ ...state, isTableAway: true })),
    on(kitchenActions.kitchenNotLoaded, (state, { problem }) => ({ ...state, problem })),
    on(kitchenChanges.standardChosen, (state, { standard }) => change(state, { standard })),
    on(kitchenChanges.toolChanged, (state, { name, tool }) =>
      changeTools(state, (tools) => tools.map((old) => (old.name === name ? tool : old))),
    ),
    on(kitchenChanges.toolAdded, (state, { tool }) =>
      changeTools(state, (tools) => [...tools, tool]),
    ),
    on(kitchenChanges.toolRemoved, (state, { name }) =>
      changeTools(state, (tools) => without(tools, 'name', name)),
    ),
    on(kitchenChanges.toolsPutAside, (state, { names, aside }) =>
      changeTools(state, (tools) =>
        tools.map((tool) => (names.includes(tool.name) ? { ...tool, aside } : tool)),
      ),
    ),
    on(kitchenChanges.blockChosen, (state, { block }) => change(state, { block })),
    on(kitchenChanges.scaleKept, (state, { scale }) =>
      change(state, { scales: keep(state.current.scales, 'name', scale) }),
    ),
    on(kitchenChanges.scaleRemoved, (state, { name }) =>
      change(state, { scales: without(state.current.scales, 'name', name) }),
    ),
    on(kitchenChanges.containerKept, (state, { container }) =>
      change(state, { containers: keep(state.current.containers, 'name', container) }),
    ),
    on(kitchenChanges.containerRemoved, (state, { name }) =>
      change(state, { containers: without(state.current.containers, 'name', name) }),
    ),
    on(kitchenChanges.ovenKept, (state, { oven }) =>
      change(state, { ovens: keep(state.current.ovens, 'name', oven) }),
    ),
    on(kitchenChanges.ovenRemoved, (state, { name }) =>
      change(state, { ovens: without(state.current.ovens, 'name', name) }),
    ),
    on(kitchenChanges.weightSet, (state, { weight }) =>
      change(state, { weights: [...withoutWeight(state.current.weights, weight), weight] }),
    ),
    on(kitchenChanges.weightPutBack, (state, { of }) =>
      change(state, { weights: withoutWeight(state.current.weights, of) }),
    ),
    on(kitchenChanges.ingredientKept, (state, { ingredient, weight }) => {
      const { ingredients, weights } = state.current;
      return change(state, {
        ingredients: keep(ingredients, 'id', ingredient),
        weights: weight ? [...withoutWeight(weights, weight), weight] : weights,
      });
    }),
    on(kitchenChanges.ingredientRemoved, (state, { id }) =>
      change(state, {
        ingredients: without(state.current.ingredients, 'id', id),
        weights: without(state.current.weights, 'ingredientId', id),
        prices: without(state.current.prices, 'ingredientId', id),
      }),
    ),
    on(kitchenChanges.priceKept, (state, { price }) =>
      change(state, { prices: keep(state.current.prices, 'ingredientId', price) }),
    ),
    on(kitchenChanges.priceRemoved, (state, { ingredientId }) =>
      change(state, { prices: without(state.current.prices, 'ingredientId', ingredientId) }),
    ),
    on(kitchenChanges.handKept, (state, { hand }) =>
      change(state, { hands: keep(state.current.hands, 'id', hand) }),
    ),
    on(kitchenChanges.handRemoved, (state, { id }) =>
      change(state, {
        hands: without(state.current.hands, 'id', id),
        handId: state.current.handId === id ? null : state.current.handId,
      }),
    ),
    on(kitchenChanges.answerKept, (state, { answer }) =>
      change(state, { answers: [...withoutAnswer(state.current.answers, answer), answer] }),
    ),
    on(kitchenChanges.answerForgotten, (state, { of }) =>
      change(state, { answers: withoutAnswer(state.current.answers, of) }),
    ),
    on(kitchenChanges.habitChosen, (state, { of, method }) => {
      const { [of]: before, ...others } = state.current.habits;
      if ((before ?? null) === method) return state;
      return change(state, { habits: method ? { ...others, [of]: method } : others });
    }),
    on(kitchenChanges.weighingChosen, (state, { weighedIn }) => change(state, { weighedIn })),
    on(kitchenChanges.settingsChosen, (state, { change: by }) => change(state, by)),
    on(kitchenChanges.handChosen, (state, { id }) => change(state, { handId: id })),
    on(kitchenChanges.changeUndone, (state) => {
      const step = stepBack(state.history, state.current);
      return step ? { ...state, current: step.value, history: step.history } : state;
    }),
    on(kitchenActions.kitchenSaved, (state, { kitchen, sent }) => {
      const saved = possessions(kitchen);
      // What was changed while the answer was under way is saved next.
      const current = state.current === sent ? saved : state.current;
      return { ...state, revision: kitchen.revision, saved, current, problem: null };
    }),
    on(kitchenActions.kitchenNotSaved, (state, { problem }) => ({ ...state, problem })),
    on(kitchenActions.kitchenImported, (state, { kitchen }) => takeOver(state, kitchen, null)),
    // What was chosen here is one step back, not lost.
    on(kitchenActions.newerKitchenMet, (state, { kitchen, problem }) =>
      takeOver(state, kitchen, problem),
    ),
  ),
  extraSelectors: ({ selectCurrent }) => {
    const selectWeights = createSelector(selectCurrent, ({ weights }) => weights);
    const selectIngredients = createSelector(selectCurrent, ({ ingredients }) => ingredients);
    const selectTools = createSelector(selectCurrent, ({ tools }) => tools);
    const selectStandard = createSelector(selectCurrent, ({ standard }) => standard);
    const selectBlock = createSelector(selectCurrent, ({ block }) => block);
    const selectScales = createSelector(selectCurrent, ({ scales }) => scales);
    const selectPrices = createSelector(selectCurrent, ({ prices }) => prices);
    const selectOvens = createSelector(selectCurrent, ({ ovens }) => ovens);
    const selectContainers = createSelector(selectCurrent, ({ containers }) => containers);
    const selectHands = createSelector(selectCurrent, ({ hands }) => hands);
    const selectAnswers = createSelector(selectCurrent, ({ answers }) => answers);
    const selectWeighedIn = createSelector(selectCurrent, ({ weighedIn }) => weighedIn);
    const selectHabits = createSelector(selectCurrent, ({ habits }) => habits);
    const selectHandId = createSelector(selectCurrent, ({ handId }) => handId);
    const selectFormats = createSelector(selectCurrent, formatsOf);
    return {
      selectWeights,
      selectIngredients,
      selectBlock,
      selectTools,
      selectStandard,
      selectScales,
      selectPrices,
      selectOvens,
      selectContainers,
      selectHands,
      selectHandId,
      selectWeighedIn,
      selectHabits,
      selectAnswers,
      selectFormats,
      selectCurrency: createSelector(selectFormats, ({ currency }) => currency),
      selectDecimalMark: createSelector(selectFormats, ({ decimalMark }) => decimalMark),
      selectLetterKeys: createSelector(selectCurrent, ({ letterKeys }) => letterKeys),
    };
  },
});
