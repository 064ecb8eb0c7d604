export { answer, lineAnswer, type KeptAnswer, type LineAnswer } from './answers.js';
export {
  AUTHOR_KINDS,
  author,
  authorDraft,
  authorList,
  authorReplacement,
  type Author,
  type AuthorDraft,
  type AuthorReplacement,
} from './authors.js';
export { balance } from './balance.js';
export { backup, restoreReply, type Backup, type RestoreReply } from './backup.js';
export { chanceReply, chanceRequest, toChanceReply, type ChanceReply } from './chances.js';
export {
  IMPORT_STATUSES,
  exportQuery,
  importUndone,
  importedRecipe,
  recipeImport,
  recipeImportReply,
  type ImportUndone,
  type ImportedRecipe,
  type RecipeImportReply,
} from './imports.js';
export {
  NEW_KITCHEN,
  calibrationOf,
  drawerOfKitchen,
  toolSpreadsOf,
  millilitresOf,
  shelfOfKitchen,
  stampedOf,
  trialOf,
} from './kitchen-drawer.js';
export {
  kitchen,
  kitchenReplacement,
  type Kitchen,
  type KitchenContainer,
  type KitchenHand,
  type KitchenIngredient,
  type KitchenPrice,
  type KitchenScale,
  type KitchenTool,
} from './kitchen.js';
export * from './limits.js';
export { toPlanReply } from './plan-replies.js';
export { planReply, planRequest, type PlanReply, type PlanRequest } from './plans.js';
export { conflict, health, problem, type Conflict, type Health, type Problem } from './problems.js';
export {
  readingReply,
  readingRequest,
  toReadingReply,
  type ReadingReply,
  type ReadingRequest,
} from './readings.js';
export {
  recipe,
  recipeDraft,
  recipePage,
  recipeQuery,
  recipeReplacement,
  recipeSummary,
  recipeVersions,
  type Recipe,
  type RecipeDraft,
  type RecipePage,
  type RecipeQuery,
  type RecipeReplacement,
  type RecipeSummary,
  type RecipeVersion,
} from './recipes.js';
export {
  scaleCommand,
  scaleReading,
  scaleState,
  simulationCommand,
  simulationState,
  type ScaleCommand,
  type ScaleDescriptionReply,
  type ScaleReadingReply,
  type ScaleStateReply,
  type SimulationCommand,
  type SimulationState,
} from './scale.js';
export {
  importQuery,
  importReply,
  trial,
  trialDraft,
  trialList,
  trialQuery,
  trialReplacement,
  type ImportReply,
  type TrialDraft,
  type TrialRecord,
  type TrialReplacement,
} from './trials.js';
export * from './wording/index.js';
