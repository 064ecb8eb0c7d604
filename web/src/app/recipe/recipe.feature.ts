import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import { MOST_ANSWERS, type LineAnswer, type Recipe } from '@ypsigram/contract';
import { Fraction } from '@ypsigram/core/amount';
import { carryChoices, carryMethods, planBatch, readFactor } from '@ypsigram/core/batch';
import { answerReading, readRecipe, rereader, sameAnswer } from '@ypsigram/core/reading';
import { authorsFeature, knownOf } from '../authors/authors.feature';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { trialsFeature } from '../trials/trials.feature';
import {
  decide,
  redo,
  undo,
  withChoice,
  NO_HISTORY,
  type Decisions,
  type History,
} from './decisions';
import { EMPTY_DRAFT, draftOf, sameDraft, type Draft } from './draft';
import { recipeActions } from './recipe.actions';

export { recipeActions } from './recipe.actions';

/** `new`: never saved. `changed`: waiting to be saved. `failed` keeps everything and says why. */
export type SaveStatus = 'new' | 'saved' | 'changed' | 'saving' | 'failed' | 'conflict';

export interface RecipeState {
  /** As the server last acknowledged it; null while it is new or loading. */
  readonly saved: Recipe | null;
  readonly draft: Draft;
  readonly status: SaveStatus;
  readonly loading: boolean;
  readonly problem: string | null;
  /** The version that somebody else saved meanwhile. */
  readonly theirs: Recipe | null;
  /** What was decided before, and what was taken back. */
  readonly history: History;
}

const initialState: RecipeState = {
  saved: null,
  draft: EMPTY_DRAFT,
  status: 'new',
  loading: false,
  problem: null,
  theirs: null,
  history: NO_HISTORY,
};

function edited(state: RecipeState, draft: Draft): RecipeState {
  if (state.saved === null) return { ...state, draft };
  if (state.status === 'conflict') return { ...state, draft };
  const status = sameDraft(draft, draftOf(state.saved)) ? 'saved' : 'changed';
  return { ...state, draft, status };
}

const decided = (state: RecipeState, change: Partial<Decisions>, isTyped = false): RecipeState => {
  const { draft, history } = decide(state, change, isTyped);
  return { ...edited(state, draft), history };
};

const moved = (state: RecipeState, by: typeof undo): RecipeState => {
  const { draft, history } = by(state);
  return { ...edited(state, draft), history };
};

function opened(recipe: Recipe): RecipeState {
  return { ...initialState, saved: recipe, draft: draftOf(recipe), status: 'saved' };
}

/** The draft with another text, what was decided of its lines carried along. */
function carriedTo(text: string, draft: Draft): Draft {
  const { standard, methods, balance } = draft;
  const hasDecisions = Object.keys(methods).length + Object.keys(balance.lines).length > 0;
  if (!hasDecisions) return { ...draft, text };
  const [before, after] = [readRecipe(draft.text, standard), readRecipe(text, standard)];
  return {
    ...draft,
    text,
    methods: carryMethods(before, after, methods),
    balance: { ...balance, lines: carryChoices(before, after, balance.lines) },
  };
}

const without = (answers: Draft['answers'], of: LineAnswer): Draft['answers'] =>
  answers.filter((answer) => !sameAnswer(answer, of));

/** Gives the same lines back for what was not changed, so that only the rest is drawn anew. */
const reread = rereader();

export const recipeFeature = createFeature({
  name: 'recipe',
  reducer: createReducer(
    initialState,
    on(recipeActions.newRecipeOpened, (_, { draft }) => ({ ...initialState, draft })),
    on(recipeActions.recipeAskedFor, () => ({ ...initialState, loading: true })),
    on(recipeActions.recipeLoaded, recipeActions.recipeCreated, (_, { recipe }) => opened(recipe)),
    on(recipeActions.recipeNotLoaded, (_, { problem }) => ({ ...initialState, problem })),
    // Decisions are by the place of a line: what was decided of another text is not taken back to.
    on(recipeActions.textEdited, (state, { text }) => ({
      ...edited(state, carriedTo(text, state.draft)),
      history: NO_HISTORY,
    })),
    on(recipeActions.standardChosen, (state, { standard }) =>
      edited(state, { ...state.draft, standard }),
    ),
    // An author measures by a standard of their own; a recipe of nobody keeps the one it had.
    on(recipeActions.authorChosen, (state, { authorId, standard }) =>
      edited(state, { ...state.draft, authorId, standard: standard ?? state.draft.standard }),
    ),
    on(recipeActions.factorSet, (state, { factor, typed }) =>
      decided(state, { batch: { by: 'factor', factor } }, typed),
    ),
    on(recipeActions.typingEnded, (state) => ({
      ...state,
      history: { ...state.history, isTyping: false },
    })),
    on(recipeActions.methodChosen, (state, { index, method }) =>
      decided(state, { methods: { ...state.draft.methods, [index]: method } }),
    ),
    on(recipeActions.balanceSet, (state, { change }) =>
      decided(state, { balance: { ...state.draft.balance, ...change } }),
    ),
    on(recipeActions.lineDecided, (state, { index, change }) =>
      decided(state, { balance: withChoice(state.draft.balance, index, change) }),
    ),
    on(recipeActions.massesPinned, (state, { grams }) =>
      decided(state, {
        balance: Object.entries(grams).reduce(
          (balance, [index, mass]) => withChoice(balance, Number(index), { grams: mass }),
          state.draft.balance,
        ),
      }),
    ),
    on(recipeActions.linesWeighed, (state, { indexes }) =>
      decided(state, {
        balance: indexes.reduce(
          (balance, index) => withChoice(balance, index, { weighed: true }),
          state.draft.balance,
        ),
      }),
    ),
    on(recipeActions.decisionUndone, (state) => moved(state, undo)),
    on(recipeActions.decisionRedone, (state) => moved(state, redo)),
    on(recipeActions.lineAnswered, (state, { answer }) =>
      edited(state, {
        ...state.draft,
        answers: [...without(state.draft.answers, answer), answer].slice(-MOST_ANSWERS),
      }),
    ),
    on(recipeActions.answerTakenBack, (state, { of }) =>
      edited(state, { ...state.draft, answers: without(state.draft.answers, of) }),
    ),
    on(recipeActions.savingStarted, (state) => ({
      ...state,
      status: 'saving' as const,
      problem: null,
    })),
    on(recipeActions.recipeSaved, (state, { recipe }) => {
      // An answer that comes late must not turn one recipe into another.
      if (state.saved?.id !== recipe.id) return state;
      // What was typed while the answer was under way is kept, and saved next.
      return edited({ ...state, saved: recipe, status: 'saved', problem: null }, state.draft);
    }),
    on(recipeActions.recipeNotSaved, (state, { problem }) => ({
      ...state,
      status: state.saved ? ('failed' as const) : ('new' as const),
      problem,
    })),
    on(recipeActions.newerVersionMet, (state, { theirs }) => ({
      ...state,
      status: 'conflict' as const,
      theirs,
    })),
    on(recipeActions.theirsTaken, (state) => (state.theirs ? opened(state.theirs) : state)),
    on(recipeActions.mineKept, (state) =>
      state.theirs
        ? { ...state, saved: state.theirs, theirs: null, status: 'changed' as const }
        : state,
    ),
  ),
  extraSelectors: ({ selectDraft }) => {
    const selectText = createSelector(selectDraft, ({ text }) => text);
    const selectStandard = createSelector(selectDraft, ({ standard }) => standard);
    const selectBatch = createSelector(selectDraft, ({ batch }) => batch);
    const selectMethods = createSelector(selectDraft, ({ methods }) => methods);
    const selectBalance = createSelector(selectDraft, ({ balance }) => balance);
    const selectAuthorId = createSelector(selectDraft, ({ authorId }) => authorId);
    const selectAnswers = createSelector(
      selectDraft,
      authorsFeature.selectAuthors,
      kitchenFeature.selectAnswers,
      ({ answers, authorId }, authors, kitchen) => ({
        recipe: answers,
        author: authors.find(({ id }) => id === authorId)?.answers ?? [],
        kitchen,
      }),
    );
    /** By the text alone, before anything was answered. */
    const selectReadText = createSelector(
      selectText,
      selectStandard,
      kitchenFeature.selectOwnShelf,
      reread,
    );
    const selectReading = createSelector(
      selectReadText,
      selectAnswers,
      kitchenFeature.selectOwnShelf,
      answerReading,
    );
    /** What is known of the cups of whoever wrote the recipe. */
    const selectAuthorKnown = createSelector(
      authorsFeature.selectKnownByAuthor,
      selectAuthorId,
      knownOf,
    );
    const selectFactor = createSelector(selectBatch, ({ factor }) => {
      const reading = readFactor(factor);
      return reading.ok ? reading.factor : new Fraction(1);
    });
    const selectKitchenKnowledge = createSelector(
      selectAuthorKnown,
      trialsFeature.selectKnownNow,
      kitchenFeature.selectScales,
      kitchenFeature.selectWeighedIn,
      kitchenFeature.selectHabits,
      (author, hand, scales, weighedIn, habits) => ({ author, hand, scales, weighedIn, habits }),
    );
    /** All that a plan goes by, but for the factor. */
    const selectBatchSetting = createSelector(
      selectMethods,
      selectBalance,
      kitchenFeature.selectOwnDrawer,
      kitchenFeature.selectOwnShelf,
      selectKitchenKnowledge,
      (methods, { lines, strictness }, drawer, shelf, knowledge) => ({
        methods,
        choices: lines,
        strictness,
        drawer,
        shelf,
        ...knowledge,
      }),
    );
    const selectPlan = createSelector(
      selectReading,
      selectFactor,
      selectBatchSetting,
      (reading, factor, setting) => planBatch(reading, { factor, ...setting }),
    );
    return {
      selectText,
      selectStandard,
      selectBalance,
      selectAuthorId,
      selectAuthorKnown,
      selectFactor,
      selectReading,
      selectBatchSetting,
      selectPlan,
    };
  },
});
