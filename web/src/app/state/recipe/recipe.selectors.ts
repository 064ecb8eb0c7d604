// What core makes of the recipe that is open: apart from its feature, which the first view needs.
import { createSelector } from '@ngrx/store';
import { batchProblemMessage } from '@ypsigram/contract';
import {
  assembleRecipe,
  lineKeys,
  openLines,
  planBatch,
  provenLines,
  setBatch,
  type LearnedOfRecipe,
  type OpenLine,
  type PlanLine,
  type ProvenWeight,
} from '@ypsigram/core/batch';
import { answerReading, keepingOf, type Line } from '@ypsigram/core/reading';
import { authorsFeature } from '../authors/authors.feature';
import { knownOf, selectKnownByAuthor } from '../authors/authors.selectors';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { selectPlanning, selectShelf } from '../kitchen/kitchen.selectors';
import { selectKnownNow } from '../trials/trials.selectors';
import { learnedFeature } from '../learned/learned.feature';
import { recipeFeature } from './recipe.feature';
import { rereadText } from './reread-text';

const NOTHING_PLANNED: readonly PlanLine[] = [];
const NOTHING_OPEN: readonly OpenLine[] = [];

const {
  selectDraft,
  selectText,
  selectStandard,
  selectSetting,
  selectMethods,
  selectBalance,
  selectAuthorId,
} = recipeFeature;

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
const selectReadText = createSelector(selectText, selectStandard, selectShelf, rereadText);

export const selectReading = createSelector(
  selectReadText,
  selectAnswers,
  selectShelf,
  answerReading,
);

/** Whether it is made to keep, by its words and by what its baker said. */
export const selectKeeping = createSelector(
  selectReading,
  selectShelf,
  selectBalance,
  (reading, shelf, { forKeeping }) => keepingOf(reading, shelf, forKeeping ?? null),
);

/** What each line is called in what was decided of the recipe. */
export const selectLineKeys = createSelector(selectReading, lineKeys);

/** What is known of the cups of whoever wrote the recipe. */
export const selectAuthorKnown = createSelector(selectKnownByAuthor, selectAuthorId, knownOf);

const NOTHING_LEARNED: LearnedOfRecipe = { proven: [], forgives: null };

/** What the bakes of the open recipe told; what is known of another one is not meant. */
const selectLearnedHere = createSelector(
  learnedFeature.selectRecipeId,
  learnedFeature.selectToPlanBy,
  recipeFeature.selectSaved,
  (of, learned, saved) => (saved && saved.id === of ? learned : NOTHING_LEARNED),
);

/** What good bakes have proved, by the line it belongs to. */
export const selectProven = createSelector(
  selectReading,
  selectLearnedHere,
  (reading, { proven }): ReadonlyMap<Line, ProvenWeight> =>
    new Map([...provenLines(reading, proven)].map(([at, weight]) => [reading.lines[at]!, weight])),
);

/** The recipe in this kitchen, ready to be planned in any size. */
export const selectAssembled = createSelector(
  selectReading,
  selectPlanning,
  selectAuthorKnown,
  selectKnownNow,
  selectMethods,
  selectBalance,
  selectLearnedHere,
  (reading, kitchen, author, hand, methods, balance, learned) =>
    assembleRecipe({ reading, kitchen, author, hand, methods, balance, learned }),
);

const selectAssembly = createSelector(selectAssembled, selectSetting, setBatch);

/** Null where the batch can't be set so: `selectBatchProblem` says why. */
export const selectBatch = createSelector(selectAssembly, (set) => (set.ok ? set.batch : null));

export const selectBatchProblem = createSelector(selectAssembly, (set) =>
  set.ok ? null : batchProblemMessage(set.problem),
);

export const selectFactor = createSelector(selectBatch, (batch) => batch?.factor ?? null);

export const selectPlan = createSelector(selectReading, selectBatch, (reading, batch) =>
  batch ? planBatch(reading, batch) : NOTHING_PLANNED,
);

/** What is open in the recipe: shown wherever it is used. */
export const selectOpenLines = createSelector(
  selectReading,
  selectPlan,
  selectShelf,
  selectAuthorKnown,
  selectKeeping,
  (reading, plan, shelf, author, keeping): readonly OpenLine[] =>
    keeping === 'preserve' ? NOTHING_OPEN : openLines(reading, plan, { shelf, author }),
);
