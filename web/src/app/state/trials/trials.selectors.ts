// What is worked out of the trials by core: apart from their feature, which the first view needs.
import { createSelector } from '@ngrx/store';
import type { TrialRecord } from '@ypsigram/contract';
import {
  knownOfHand,
  trialByToday,
  trialSets,
  type Trial,
  type TrialSet,
} from '@ypsigram/core/calibration';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { selectShelf } from '../kitchen/kitchen.selectors';
import { trialsFeature } from './trials.feature';

export type HandTrial = TrialRecord & Trial;

const NOTHING: readonly KnownWeight[] = [];

/** Every hand's trials in sets, by the id of the hand. */
export const selectSetsByHand = createSelector(
  trialsFeature.selectTrials,
  kitchenFeature.selectStandard,
  kitchenFeature.selectTools,
  kitchenFeature.selectContainers,
  kitchenFeature.selectHands,
  selectShelf,
  (trials, standard, tools, containers, hands, shelf) =>
    new Map<string, readonly TrialSet<HandTrial>[]>(
      hands.map(({ id }) => [
        id,
        trialSets(
          trials
            .filter(({ handId }) => handId === id)
            .map((record) => trialByToday(record, { standard, tools })),
          shelf,
          containers,
        ),
      ]),
    ),
);

/** What is known of each hand, by its id. */
export const selectKnownByHand = createSelector(
  selectSetsByHand,
  kitchenFeature.selectHands,
  (sets, hands) =>
    new Map(hands.map(({ id, name }) => [id, knownOfHand(sets.get(id) ?? [], name)])),
);

/** What is known of who measures now. */
export const selectKnownNow = createSelector(
  selectKnownByHand,
  kitchenFeature.selectHandId,
  (known, handId) => (handId === null ? undefined : known.get(handId)) ?? NOTHING,
);
