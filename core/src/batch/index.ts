export { adviceFor, type Advice } from './advice.js';
export {
  assembleRecipe,
  setBatch,
  setFactor,
  type AssembledRecipe,
  type BatchAssembly,
  type LearnedOfRecipe,
  type PlanningKitchen,
  type RecipeParts,
} from './assembly.js';
export {
  COLUMNS,
  USUAL_BALANCE,
  type Balance,
  type Columns,
  type Trying,
} from './balance/index.js';
export { carryChoices, carryMethods } from './carry-lines.js';
export { type LineChoice } from './balance/index.js';
export { methodsForLine } from './line-method.js';
export { forgivenessFor, planBatch, planLine } from './plan.js';
export { provenLines, provenMass, writtenKey, type ProvenWeight } from './proven.js';
export type { Batch, Habits, Level, PlanLine } from './plan-line.js';
export { substitutesFor, type Substitute } from './substitutes.js';
export { columnTotals, unweighedLines, type ColumnTotals } from './totals.js';
export { isWorthAsking } from './worth-asking.js';
export { byIndex, lineKeys } from './line-keys.js';
export { openLines, type OpenLine } from './open-lines.js';
export { ratioDrift, ratioShares, type RatioDrift, type RatioRoutes } from './ratio-drift.js';
export { RATIO_PARTS, ratiosOf, type RatioPart, type Ratios, type WeighedPart } from './ratios.js';
export { reasonsOf, type LineReason } from './reasons.js';
