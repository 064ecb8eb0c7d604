export {
  RUNGS,
  densityLimits,
  densityOf,
  pieceOf,
  type DensityBasis,
  type Filling,
  type KnownWeight,
  type PieceBasis,
  type Rung,
} from './basis.js';
export { classFactor, defaultMethod, methodsFor } from './methods.js';
export { kindForKind, type SameWeight } from './kind-for-kind.js';
export { sameFilling, type FillingOf } from './same-filling.js';
export { measureSize, sizeOfVolume, type MeasureSize } from './size.js';
export {
  CLASS_FACTOR_SPREAD,
  COVERAGE,
  HAND_SHARE,
  HEAPING_SPREAD,
  HOUSEHOLD_SPREAD,
  PIECE_SPREAD,
  PINCH_SPREAD,
  READ_FROM_ABOVE,
  TOOL_SPREAD,
  UNSOURCED_SPREAD,
  combinedSpread,
  fillSpread,
} from './spread.js';
export { disagreements, weightTable, type Disagreement, type WeightRow } from './weight-table.js';
