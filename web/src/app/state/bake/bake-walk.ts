import { createSelector } from '@ngrx/store';
import { bakeSteps, type BakeWalk } from '@ypsigram/core/baking/steps';
import { readRecipe, type Reading } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { selectShelf } from '../kitchen/kitchen.selectors';
import { recipeFeature } from '../recipe/recipe.feature';
import { bakeFeature } from './bake.feature';
import { selectBakeNow } from './bake.selectors';

const NO_STEPS: BakeWalk = { steps: [], missing: [], isBaked: false, inOven: null };

const selectText = createSelector(selectBakeNow, (state) => state?.plan.text ?? null);

const selectBakeReading = createSelector(
  selectText,
  selectShelf,
  (text, shelf): Pick<Reading, 'lines'> | null =>
    text === null ? null : readRecipe(text, USUAL_STANDARD, shelf),
);

/** What was said of the baking: with the recipe by now, else when the bake was begun. */
const selectBaking = createSelector(
  recipeFeature.selectSaved,
  recipeFeature.selectBalance,
  bakeFeature.selectBake,
  selectBakeNow,
  (saved, balance, bake, state) =>
    saved && saved.id === bake?.recipeId ? balance.baking : (state?.plan.baking ?? {}),
);

/** The steps of the open bake, and what its recipe does not say. */
export const selectWalk = createSelector(selectBakeReading, selectBaking, (reading, baking) =>
  reading ? bakeSteps(reading, baking) : NO_STEPS,
);
