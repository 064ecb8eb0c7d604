export type { KeptAnswer, SentLineAnswer } from './answers.js';
export {
  authorDraft,
  authorReplacement,
  type Author,
  type AuthorDraft,
  type AuthorReplacement,
} from './authors.js';
export {
  backupAuthor,
  backupBake,
  backupHead,
  backupReading,
  backupRecipe,
  backupTrial,
  type Backup,
  backupGaps,
  type BackupGaps,
  type RestoreProgress,
  restoreReply,
  type RestoreReply,
} from './backup.js';
export {
  actOfEarlier,
  bakeDraft,
  bakeQuery,
  bakeReadingQuery,
  makesOfEarlier,
  planOfEarlier,
  readingsDraft,
  type Bake,
  type BakeDraft,
  type BakeReadingReply,
  type BakeSummary,
  type ReadingsDraft,
} from './bakes/index.js';
export { chanceRequest, toChanceReply, type ChanceReply } from './chances.js';
export {
  bookQuery,
  exportQuery,
  LONGEST_BOOK,
  type BookQuery,
  importedRecipe,
  recipeImport,
  type ImportUndone,
  type ImportedRecipe,
  type RecipeImportReply,
} from './imports.js';
export { PAPERS, type Paper } from './papers.js';
export * from './formats.js';
export { USUAL_KITCHEN } from './usual-kitchen.js';
export {
  kitchen,
  kitchenReplacement,
  type Kitchen,
  type KitchenContainer,
  type KitchenHand,
  type KitchenIngredient,
  type KitchenOven,
  type KitchenPrice,
  type KitchenScale,
  type KitchenTool,
} from './kitchen.js';
export * from './limits.js';
export { fillingWeight } from './parts.js';
export { toBakeReply, toPlanReply } from './plan-replies.js';
export { planRequest, type PlanReply, type PlanRequest } from './plans.js';
export type { Conflict, Health, Problem } from './problems.js';
export {
  readingRequest,
  toReadingReply,
  type ReadingReply,
  type ReadingRequest,
} from './readings.js';
export type { RecipePhoto } from './recipe-photos.js';
export {
  ingredientUseQuery,
  recipeDraft,
  recipeQuery,
  recipeReplacement,
  type IngredientUse,
  type Recipe,
  type RecipeDraft,
  type LastBake,
  type RecipePage,
  type RecipeQuery,
  type RecipeReplacement,
  type RecipeSummary,
  type RecipeVersion,
} from './recipes.js';
export {
  scaleCommand,
  simulationCommand,
  type ScaleCommand,
  type ScaleDescriptionReply,
  type ScaleReadingReply,
  type ScaleStateReply,
  type SimulationCommand,
  type SimulationState,
} from './scale.js';
export {
  importQuery,
  trialDraft,
  trialQuery,
  trialReplacement,
  type ImportReply,
  type TrialDraft,
  type TrialRecord,
  type TrialReplacement,
} from './trials.js';
export * from './wording/index.js';
export { webPageRequest, type WebPageReply, type WebPagesState } from './web-pages.js';
