import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { SentLineAnswer, Recipe } from '@ypsigram/contract';
import { MOST_ANSWERS } from '@ypsigram/contract/frame';
import { sameAnswer } from '@ypsigram/core/reading/answer';
import { decide, redo, undo, withChoice, type Decisions } from './decisions';
import { NO_HISTORY, endTyping, type History } from '../history/history';
import { EMPTY_DRAFT, draftOf, sameDraft, type EditedRecipe } from './draft';
import { recipeActions } from './recipe.actions';

/** `new`: never saved. `changed`: waiting to be saved. `failed` keeps everything and says why. */
export type SaveStatus = 'new' | 'saved' | 'changed' | 'saving' | 'failed' | 'conflict';

export interface RecipeState {
  /** As the server last acknowledged it; null while it is new or loading. */
  readonly saved: Recipe | null;
  readonly draft: EditedRecipe;
  readonly status: SaveStatus;
  readonly loading: boolean;
  readonly problem: string | null;
  /** What is not on the server is kept in this browser, and sent once it can be; null until that is known. */
  readonly isKept: boolean | null;
  /** The version that somebody else saved meanwhile. */
  readonly theirs: Recipe | null;
  /** What was decided before, and what was taken back. */
  readonly history: History<Decisions>;
}

const initialState: RecipeState = {
  saved: null,
  draft: EMPTY_DRAFT,
  status: 'new',
  loading: false,
  problem: null,
  isKept: false,
  theirs: null,
  history: NO_HISTORY,
};

function edited(state: RecipeState, draft: EditedRecipe): RecipeState {
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

const without = (answers: EditedRecipe['answers'], of: SentLineAnswer): EditedRecipe['answers'] =>
  answers.filter((answer) => !sameAnswer(answer, of));

export const recipeFeature = createFeature({
  name: 'recipe',
  reducer: createReducer(
    initialState,
    on(recipeActions.newRecipeOpened, (_, { draft }) => ({ ...initialState, draft })),
    on(recipeActions.recipeAskedFor, () => ({ ...initialState, loading: true })),
    on(recipeActions.recipeLoaded, recipeActions.recipeCreated, (_, { recipe }) => opened(recipe)),
    // What is being edited here stays: saving it then says that both were changed.
    on(recipeActions.recipeRefreshed, (state, { recipe }) =>
      state.saved?.id === recipe.id &&
      state.status === 'saved' &&
      recipe.revision > state.saved.revision
        ? opened(recipe)
        : state,
    ),
    on(recipeActions.recipeNotLoaded, (_, { problem }) => ({ ...initialState, problem })),
    // Decisions are by the place of a line: what was decided of another text is not taken back to.
    on(recipeActions.textEdited, (state, { text, carried }) => {
      const { methods, lines } = carried;
      const balance = { ...state.draft.balance, lines };
      return { ...edited(state, { ...state.draft, text, methods, balance }), history: NO_HISTORY };
    }),
    on(recipeActions.standardChosen, (state, { standard }) =>
      edited(state, { ...state.draft, standard }),
    ),
    // An author measures by a standard of their own; a recipe of nobody keeps the one it had.
    on(recipeActions.authorChosen, (state, { authorId, standard }) =>
      edited(state, { ...state.draft, authorId, standard: standard ?? state.draft.standard }),
    ),
    on(recipeActions.factorSet, (state, { factor, typed, asked }) =>
      decided(state, { batch: { by: 'factor', factor, ...(asked && { asked }) } }, typed),
    ),
    on(recipeActions.typingEnded, (state) => ({
      ...state,
      history: endTyping(state.history),
    })),
    on(recipeActions.methodChosen, (state, { line, method }) =>
      decided(state, { methods: { ...state.draft.methods, [line]: method } }),
    ),
    on(recipeActions.balanceSet, (state, { change }) =>
      decided(state, { balance: { ...state.draft.balance, ...change } }),
    ),
    on(recipeActions.lineDecided, (state, { line, change }) =>
      decided(state, { balance: withChoice(state.draft.balance, line, change) }),
    ),
    on(recipeActions.massesPinned, (state, { grams }) =>
      decided(state, {
        balance: Object.entries(grams).reduce(
          (balance, [line, mass]) => withChoice(balance, line, { grams: mass }),
          state.draft.balance,
        ),
      }),
    ),
    on(recipeActions.linesWeighed, (state, { lines }) =>
      decided(state, {
        balance: lines.reduce(
          (balance, line) => withChoice(balance, line, { weighed: true }),
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
    on(recipeActions.photosSet, (state, { photos }) =>
      edited(state, { ...state.draft, photos: [...photos] }),
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
      return edited(
        { ...state, saved: recipe, status: 'saved', problem: null, isKept: false },
        state.draft,
      );
    }),
    on(recipeActions.recipeNotSaved, (state, { problem, isAway }) => ({
      ...state,
      isKept: isAway && (state.isKept || null),
      status: state.saved ? ('failed' as const) : ('new' as const),
      problem,
    })),
    on(recipeActions.draftKept, (state, { isKept }) => ({ ...state, isKept })),
    on(recipeActions.draftRecalled, (state, { id, revision, draft: kept }) => {
      if (state.saved?.id !== id || state.status !== 'saved') return state;
      // One that an earlier version kept knows no photos.
      const draft = { photos: state.saved.photos, ...kept };
      if (revision === state.saved.revision) return { ...edited(state, draft), isKept: true };
      return { ...state, draft, isKept: true, status: 'conflict' as const, theirs: state.saved };
    }),
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
    const selectSetting = createSelector(selectDraft, ({ batch }) => batch);
    const selectMethods = createSelector(selectDraft, ({ methods }) => methods);
    const selectBalance = createSelector(selectDraft, ({ balance }) => balance);
    const selectAuthorId = createSelector(selectDraft, ({ authorId }) => authorId);
    return {
      selectText,
      selectStandard,
      selectSetting,
      selectMethods,
      selectBalance,
      selectAuthorId,
    };
  },
});
