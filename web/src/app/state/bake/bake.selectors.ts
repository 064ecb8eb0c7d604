import { createSelector } from '@ngrx/store';
import { bakeState, type BakeReading } from '@ypsigram/core/bench';
import { bakeFeature } from './bake.feature';
import { placeWaiting } from './own-act';

const { selectBake, selectWaiting } = bakeFeature;

const NOTHING_DONE: readonly BakeReading[] = [];

/** Everything that was done at the open bake, whether the server has kept it yet or not. */
export const selectReadings = createSelector(
  selectBake,
  selectWaiting,
  (bake, waiting): readonly BakeReading[] =>
    bake ? [...bake.readings, ...placeWaiting(bake.readings, waiting)] : NOTHING_DONE,
);

/** The open bake as it stands now; null until it is known. */
export const selectBakeNow = createSelector(selectBake, selectReadings, (bake, readings) =>
  bake ? bakeState(bake.plan, readings) : null,
);
