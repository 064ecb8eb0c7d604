/**
 * Cups, spoons and grams that agree: reads recipes as their authors meant them, works out what each
 * line was meant to weigh, and plans a batch for a kitchen's own tools. Plain data in, plain data
 * out; no I/O, no clock, nothing at import. Words are codes here: sentences are made elsewhere.
 *
 * @packageDocumentation
 */

// Amounts: exact fractions and ranges, as people write them.
export {
  Fraction,
  readAmount,
  showKitchen,
  type Amount,
  type AmountMatch,
} from './amount/index.js';

// Units and whose cups: millilitres by law or custom, grams, degrees, water.
export {
  GRAMS_PER_OUNCE,
  STANDARDS,
  USUAL_STANDARD,
  celsiusOf,
  celsiusOfGas,
  gasMarkOf,
  gramsIn,
  millilitresIn,
  waterDensity,
  type Standard,
  type Unit,
} from './units/index.js';

// Ingredients and their weights, each with its source.
export {
  CLASSES,
  METHODS,
  closestIngredients,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Shelf,
  type SourceRef,
  type TableWeight,
} from './catalogue/index.js';
export { BUILT_IN_SHELF, shelfOf, type OwnIngredient, type OwnWeight } from './shelf/index.js';
export { weightTable, type KnownWeight, type Rung, type WeightRow } from './measuring/index.js';

// Recipe text into lines, each with what was understood and what was assumed.
export {
  readLine,
  readRecipe,
  type Line,
  type LineKind,
  type Reading,
  type ReadingNote,
} from './reading/index.js';

// What a line was meant to weigh, and what is open about it.
export {
  intendedMass,
  questionsOf,
  type Choice,
  type Intended,
  type Question,
} from './conversion/index.js';

// A kitchen's tools and scales, and a batch in both columns.
export { USUAL_SCALES, defaultDrawer, type Drawer, type ScaleDescription } from './drawer/index.js';
export { readFactor, type BatchSetting, type FactorReading } from './factor/index.js';
export {
  measurePlan,
  onScaleGrid,
  type GridWeight,
  type MeasurePlan,
  type PlannedFill,
} from './fills/index.js';
export {
  assembleRecipe,
  planBatch,
  setBatch,
  type AssembledRecipe,
  type Batch,
  type BatchAssembly,
  type PlanLine,
  type PlanningKitchen,
} from './batch/index.js';
