/**
 * What crosses the wire, for whoever talks to the server: Zod schemas of what is asked and answered,
 * their types, and the OpenAPI document. Errors are `application/problem+json` (RFC 9457).
 *
 * @packageDocumentation
 */
export { author, authorDraft, type Author, type AuthorDraft } from './authors.js';
export { chanceReply, chanceRequest, type ChanceReply } from './chances.js';
export { kitchen, type Kitchen } from './kitchen.js';
export { openApiDocument } from './openapi/index.js';
export { planReply, planRequest, type PlanReply, type PlanRequest } from './plans.js';
export { conflict, health, problem, type Conflict, type Health, type Problem } from './problems.js';
export { conversionReply, conversionRequest, type ConversionReply } from './quick/index.js';
export {
  readingReply,
  readingRequest,
  type ReadingReply,
  type ReadingRequest,
} from './readings.js';
export {
  recipe,
  recipeDraft,
  recipePage,
  recipeReplacement,
  type Recipe,
  type RecipeDraft,
  type RecipePage,
  type RecipeReplacement,
} from './recipes.js';
