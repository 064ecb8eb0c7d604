export {
  RUNGS,
  densityLimits,
  densityOf,
  pieceOf,
  type DensityBasis,
  type DensityEvidence,
  type Filling,
  type PieceBasis,
  type Rung,
} from './basis.js';
export { classFactor, defaultMethod, methodsFor } from './methods.js';
export { measureSize, sizeOfVolume, type MeasureSize } from './size.js';
export {
  CLASS_FACTOR_SPREAD,
  HEAPING_SPREAD,
  PIECE_SPREAD,
  PINCH_SPREAD,
  TOOL_SPREAD,
  UNSOURCED_SPREAD,
  combinedSpread,
  fillSpread,
} from './spread.js';
export { disagreements, weightTable, type Disagreement, type WeightRow } from './weight-table.js';
