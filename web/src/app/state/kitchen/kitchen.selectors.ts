// What is worked out of the kitchen by core: apart from its feature, which the first view needs.
import { createSelector } from '@ngrx/store';
import { calibratedDrawer, toolSpreadsOf } from '@ypsigram/core/calibration';
import { shelfOf } from '@ypsigram/core/shelf';
import { withTable } from '@ypsigram/core/table';
import { kitchenFeature } from './kitchen.feature';

const { selectStandard, selectTools, selectBlock, selectScales, selectWeighedIn, selectHabits } =
  kitchenFeature;

/** The drawer that plans are made with. */
export const selectDrawer = createSelector(
  selectStandard,
  selectTools,
  selectBlock,
  (standard, tools, block) => calibratedDrawer({ standard, tools }, block),
);

/** The same with all that is missing or in the wash; null where nothing is. */
export const selectWholeDrawer = createSelector(
  selectStandard,
  selectTools,
  selectBlock,
  (standard, tools, block) =>
    tools.some(({ aside }) => aside)
      ? calibratedDrawer(
          { standard, tools: tools.map((tool) => ({ ...tool, aside: false })) },
          block,
        )
      : null,
);

/** The ingredients with the weights of this kitchen, and the public table behind them once it is here. */
export const selectShelf = createSelector(
  kitchenFeature.selectWeights,
  kitchenFeature.selectIngredients,
  kitchenFeature.selectTable,
  (weights, ingredients, table) => {
    const shelf = shelfOf(weights, ingredients);
    return table ? withTable(shelf, table) : shelf;
  },
);

/** What this kitchen plans with. */
export const selectPlanning = createSelector(
  selectDrawer,
  selectShelf,
  selectScales,
  selectWeighedIn,
  selectHabits,
  (drawer, shelf, scales, weighedIn, habits) => ({ drawer, shelf, scales, weighedIn, habits }),
);

/** How well calibrated tools are known. */
export const selectToolSpreads = createSelector(selectStandard, selectTools, (standard, tools) =>
  toolSpreadsOf({ standard, tools }),
);
