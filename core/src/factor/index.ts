export {
  batchFactor,
  type BatchFactor,
  type BatchProblem,
  type AskedSetting,
  type BatchSetting,
  type Limit,
} from './batch-setting.js';
export { type BatchEffort, type CleanBatch, cleanFactors } from './clean-factors.js';
export {
  type FactorProblem,
  type FactorReading,
  LARGEST_FACTOR,
  readFactor,
  showFactor,
  writeFactor,
} from './factor.js';
export { factorOfLoads, type Holds, type Loads, loadsFor } from './loads.js';
export { type Pan, panMillilitres, panRatio } from './pan-volume.js';
export { type LineGrams, recipeSize, type RecipeSize } from './recipe-size.js';
