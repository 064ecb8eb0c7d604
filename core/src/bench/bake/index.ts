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
export { fillsLeft, gramsOfFill, type MadeFill } from './fills.js';
export type { Fullness, LineState } from './line-state.js';
export { bakeState, lineIdsOf, type BakeState } from './state.js';
