import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { concatMap, filter, firstValueFrom, from, map, withLatestFrom } from 'rxjs';
import { RecipesApi, conflictOf } from '../../api/recipes-api';
import { forgetDraft, keepDraft, keptDrafts, recallDraft } from '../../offline/kept-drafts';
import { changesActions } from '../changes/changes.feature';
import { draftOf, sameDraft, type EditedRecipe } from './draft';
import { recipeActions, type RecalledDraft } from './recipe.actions';
import { recipeFeature } from './recipe.feature';

/** A change that the server did not get stays in this browser until it does. */
export const keepUnsaved = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(recipeActions.recipeNotSaved),
      withLatestFrom(store.select(recipeFeature.selectRecipeState)),
      filter(([{ isAway }, { saved }]) => isAway && saved !== null),
      concatMap(([, { saved, draft }]) =>
        keepDraft({ id: saved!.id, revision: saved!.revision, draft }),
      ),
      map((isKept) => recipeActions.draftKept({ isKept })),
    ),
  { functional: true },
);

export const forgetSaved = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(recipeActions.recipeSaved, recipeActions.theirsTaken),
      withLatestFrom(store.select(recipeFeature.selectSaved)),
      concatMap(async ([, saved]) => {
        if (saved) await forgetDraft(saved.id);
      }),
    ),
  { functional: true, dispatch: false },
);

/** A recipe opens with what was changed here and is not on the server yet. */
export const recallUnsaved = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recipeActions.recipeLoaded),
      concatMap(({ recipe }) => recallDraft(recipe.id)),
      filter((kept) => kept !== null),
      map(({ id, revision, draft }) =>
        recipeActions.draftRecalled({ id, revision, draft: draft as RecalledDraft }),
      ),
    ),
  { functional: true },
);

export const saveRecalled = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recipeActions.draftRecalled),
      map(() => recipeActions.saveWanted()),
    ),
  { functional: true },
);

/**
 * Once the server is back it gets what waits of recipes that are not open. Each names the revision
 * that it is based on: what arrived already, and only its answer was lost, is not saved twice, and
 * what was changed elsewhere too waits until its recipe is opened.
 */
export const sendKept = createEffect(
  (actions = inject(Actions), api = inject(RecipesApi), store = inject(Store)) => {
    const send = async (): Promise<readonly string[]> => {
      const open = store.selectSignal(recipeFeature.selectSaved)()?.id;
      const stuck: string[] = [];
      for (const { id, revision, draft, letGo } of await keptDrafts()) {
        if (id === open) continue;
        const mine = draft as EditedRecipe;
        try {
          await firstValueFrom(api.replace(id, { ...mine, revision }));
          await letGo();
        } catch (error) {
          const theirs = conflictOf(error);
          // Without a server, or without that recipe, it goes on waiting.
          if (!theirs) continue;
          if (sameDraft(draftOf(theirs), mine)) await letGo();
          else stuck.push(id);
        }
      }
      return stuck;
    };
    return actions.pipe(
      ofType(changesActions.serverFound),
      concatMap(() => from(send())),
      map((recipeIds) => changesActions.draftsStuck({ recipeIds })),
    );
  },
  { functional: true },
);
