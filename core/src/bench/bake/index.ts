export {
  RACKS,
  REMEMBERED_AS,
  STAGES,
  TRAY_PLACES,
  TRY_VERDICTS,
  type Act,
  type BakeReading,
  type BakeResult,
  type OvenSet,
  type Rack,
  type RememberedAs,
  type BakeStage,
  type TrayPlace,
  type TryVerdict,
} from './act.js';
export {
  minutesIn,
  minutesInPan,
  type AfterBench,
  type BakedTray,
  type Look,
} from './after-bench.js';
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
  type Makes,
  type BenchRoute,
  type Bowl,
} from './bake.js';
export { beginBake, WAYS, type BeginFrom, type BenchWay } from './begin.js';
export { supersededWeights, type SupersededWeight } from './superseded.js';
export { lastToRedo, lastToUndo, orderOf } from './effective.js';
export { overshootOf, scaledMeasures, type Overshoot, type ScaledLine } from './overshoot.js';
export { NOT_IN_RECIPE, replan } from './replan.js';
export { fillsLeft, gramsOfFill, type MadeFill } from './fills.js';
export { labelAmounts, type Fullness, type LabelAmounts, type LineState } from './line-state.js';
export { bakeState, lineIdsOf, type BakeState } from './state.js';
