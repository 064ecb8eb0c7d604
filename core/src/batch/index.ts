export { adviceFor, type Advice } from './advice.js';
export {
  batchFactor,
  recipeSize,
  type BatchBy,
  type BatchFactor,
  type BatchProblem,
  type Limit,
  type RecipeSize,
} from './batch-by.js';
export { COLUMNS, USUAL_BALANCE, type Balance, type Columns } from './balance.js';
export { BLOCKS, type Block } from './blocks.js';
export { cautionsFor, type Caution } from './cautions.js';
export { cleanBatches, type CleanBatch } from './clean-batch.js';
export { batchCost, type BatchCost, type Need, type PackPrice } from './cost.js';
export {
  carryChoices,
  carryMethods,
  type ChoicesByLine,
  type MethodsByLine,
} from './carry-lines.js';
export { compareBatch, type Compared, type Known } from './compare.js';
export {
  USUAL_TOOLS,
  defaultDrawer,
  drawerOf,
  drawerWith,
  sizeOfTool,
  stampedMillilitres,
  type Drawer,
  type Tool,
  type ToolDescription,
} from './drawer.js';
export {
  LARGEST_FACTOR,
  readFactor,
  writeFactor,
  type FactorProblem,
  type FactorReading,
} from './factor.js';
export { fewestFills, type Fillable, type Fills } from './fewest-fills.js';
export {
  formulaOf,
  massForPercent,
  massesForHydration,
  type Formula,
  type FormulaLine,
  type FormulaPart,
  type NewMasses,
} from './formula.js';
export { PINNED, type LineChoice, type Replacement } from './line-choice.js';
export { factorOfLoads, loadsFor, type Holds, type Loads } from './loads.js';
export { type MeasureBasis, type MeasurePlan, type PlannedFill } from './measure-plan.js';
export {
  choiceOf,
  methodsForLine,
  planBatch,
  planLine,
  usualMethod,
  type Batch,
  type Habits,
  type PlanLine,
} from './plan.js';
export { premixFor, type PlannedPremix, type Premix } from './premix.js';
export { panMillilitres, panRatio, type Pan } from './pan-volume.js';
export {
  RATIO_PARTS,
  ROLE_OF_RATIO,
  ratioDrift,
  type RatioDrift,
  type RatioPart,
  type RatioRoutes,
} from './ratio-drift.js';
export { ratiosOf, type Part, type Ratios } from './ratios.js';
export { WEIGHED_IN, onScaleGrid, type GridWeight, type WeighedIn } from './scale-grid.js';
export {
  BEAM_NOTCH_GRAMS,
  POISE_GRAMS,
  USUAL_SCALES,
  finerScale,
  type ScaleDescription,
} from './scales.js';
export { substitutesFor, type Substitute } from './substitutes.js';
export { STRICTNESSES, toleranceOf, type Strictness } from './tolerance.js';
