import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { exhaustMap, filter, map, withLatestFrom } from 'rxjs';
import { kitchenActions, kitchenChanges } from './kitchen.actions';
import { kitchenFeature } from './kitchen.feature';

/** What was taken onto the shelf from the table weighs as it stands there. */
export const wantTable = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(
        kitchenActions.kitchenLoaded,
        kitchenActions.kitchenRefreshed,
        kitchenChanges.ingredientKept,
      ),
      withLatestFrom(store.select(kitchenFeature.selectIngredients)),
      filter(([, ingredients]) => ingredients.some(({ tableFood }) => tableFood !== undefined)),
      map(() => kitchenActions.tableWanted()),
    ),
  { functional: true },
);

/** Read once; where it does not come, the next who wants it has it asked for again. */
export const readTable = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(kitchenActions.tableWanted),
      withLatestFrom(store.select(kitchenFeature.selectTable)),
      filter(([, table]) => table === null),
      exhaustMap(async () => {
        try {
          const { readPublicTable } = await import('../../workers/public-table');
          return kitchenActions.tableRead({ table: await readPublicTable() });
        } catch (error) {
          console.warn('The public table of foods did not come.', error);
          return kitchenActions.tableNotRead();
        }
      }),
    ),
  { functional: true },
);
