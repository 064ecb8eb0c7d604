export {
  RUNGS,
  densityOf,
  isDoubted,
  pieceOf,
  usualDensities,
  type DensityBasis,
  type Filling,
  type KnownWeight,
  type PieceBasis,
  type Rung,
} from './basis.js';
export { densityBounds, densityOfSyrup, type DensityBounds } from './bounds.js';
export { fillFactorOf, type FillFactor, type Heap } from './heaps.js';
export { defaultMethod, methodsFor, sameFilling, type FillingOf } from './methods.js';
export { equalWeights, type EqualWeight } from './equal-weights.js';
export { measureSize, type MeasureSize } from './size.js';
export {
  CLASS_FACTOR_SPREAD,
  COVERAGE,
  HAND_SHARE,
  HALVING_SPREAD,
  HOUSEHOLD_SPREAD,
  PIECE_SPREAD,
  PINCH_SPREAD,
  READ_FROM_ABOVE,
  TOOL_SPREAD,
  combinedSpread,
  fillSpread,
} from './spread.js';
export { disagreements, weightTable, type Disagreement, type WeightRow } from './weight-table.js';
