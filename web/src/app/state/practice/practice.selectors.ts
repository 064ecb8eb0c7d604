// What is worked out of tries by core: apart from their feature.
import { createSelector } from '@ngrx/store';
import { standings } from '@ypsigram/core/practice';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { practiceFeature } from './practice.feature';

/** The tries of whoever measures now; of nobody in particular where nobody does. */
const selectOwnTries = createSelector(
  practiceFeature.selectTries,
  kitchenFeature.selectHandId,
  (tries, hand) => tries.filter(({ handId }) => handId === hand),
);

/** Where whoever measures now stands with every skill. */
export const selectStandings = createSelector(selectOwnTries, standings);

/** The name of whoever measures now; null where nobody does. */
export const selectWhoPractises = createSelector(
  kitchenFeature.selectHands,
  kitchenFeature.selectHandId,
  (hands, hand) => hands.find(({ id }) => id === hand)?.name ?? null,
);
