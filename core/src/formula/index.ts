export { type Caution, cautionsFor } from './cautions.js';
export { doubtfulAmounts, type DoubtfulAmount } from './doubtful.js';
export { cleanBatches } from './clean-batches.js';
export { compareBatch, type Compared, type KnownCups } from './compare.js';
export { batchCost, type BatchCost, type Need, type PackPrice } from './cost.js';
export {
  type Formula,
  type FormulaLine,
  formulaOf,
  type FormulaPart,
  massesForHydration,
  massForPercent,
  type NewMasses,
} from './formula.js';
