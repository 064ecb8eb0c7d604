export { NEW_KITCHEN, calibrationOf, drawerOfKitchen, stampedOf } from './kitchen-drawer.js';
export { kitchen, kitchenReplacement, type Kitchen, type KitchenTool } from './kitchen.js';
export * from './limits.js';
export { toPlanReply, planReply, planRequest, type PlanReply, type PlanRequest } from './plans.js';
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
  type Recipe,
  type RecipeDraft,
  type RecipePage,
  type RecipeQuery,
  type RecipeReplacement,
  type RecipeSummary,
} from './recipes.js';
export * from './wording/index.js';
