import { inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { filter, map, take, type Observable } from 'rxjs';
import { recipeActions } from './recipe.actions';
import { recipeFeature, type RecipeState } from './recipe.feature';

const QUESTION = 'The last change to this recipe is not saved. Leave without saving?';

/** Saved, or certain that it can't be: nothing more will come by waiting. */
const isSettled = ({ saved, status, isKept }: RecipeState): boolean =>
  saved === null ||
  status === 'saved' ||
  status === 'conflict' ||
  (status === 'failed' && isKept !== null);

/**
 * Guards the way out of a recipe: what has changed is saved first, and only then does another
 * recipe take its place. What can't be saved, and is not kept in this browser, is asked about. An
 * emptied text, which is never saved over a recipe, is asked about as well.
 */
export function leaveRecipe(): Observable<boolean> {
  const store = inject(Store);
  if (store.selectSignal(recipeFeature.selectSaved)()) store.dispatch(recipeActions.saveWanted());
  return store.select(recipeFeature.selectRecipeState).pipe(
    filter((state) => isSettled(state) || state.draft.text.trim() === ''),
    take(1),
    map(
      ({ saved, status, isKept }) =>
        saved === null || status === 'saved' || isKept === true || confirm(QUESTION),
    ),
  );
}
