export { STAGES, type Act, type BakeReading, type Stage } from './act.js';
export {
  asWeighed,
  doughGrams,
  knownLines,
  type AsWeighed,
  type AsWeighedRatio,
} from './as-weighed.js';
export {
  BENCH_ROUTES,
  type BakeLine,
  type BakeMeasure,
  type BakePlan,
  type BenchRoute,
  type Bowl,
} from './bake.js';
export { beginBake, WAYS, type BeginFrom, type Way } from './begin.js';
export { lastToRedo, lastToUndo } from './effective.js';
export { overshootOf, scaledMeasures, type Overshoot, type ScaledLine } from './overshoot.js';
export { NOT_IN_RECIPE, replan } from './replan.js';
export {
  bakeState,
  fillsLeft,
  gramsOfFill,
  lineIdsOf,
  type BakeState,
  type Fullness,
  type LineState,
  type MadeFill,
} from './state.js';
