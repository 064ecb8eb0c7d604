import { createDocument } from 'zod-openapi';
import { z } from 'zod';
import { kitchen, kitchenReplacement } from '../kitchen.js';
import { planReply, planRequest } from '../plans.js';
import { conflict, health, problem } from '../problems.js';
import { readingReply, readingRequest } from '../readings.js';
import { recipe, recipeDraft, recipePage, recipeQuery, recipeReplacement } from '../recipes.js';

const json = <T extends z.ZodType>(schema: T) => ({ content: { 'application/json': { schema } } });

const problemOf = (description: string, schema: z.ZodType = problem) => ({
  description,
  content: { 'application/problem+json': { schema } },
});

const refused = {
  '400': problemOf('The request could not be understood.'),
  '413': problemOf('The body is over 256 KiB.'),
};
const missing = { '404': problemOf('There is no such recipe.') };
const idPath = z.object({ id: z.uuid() });

/** The OpenAPI 3.1 document of the whole interface, made from the schemas that validate it. */
export function openApiDocument(version: string): object {
  return createDocument({
    openapi: '3.1.0',
    info: { title: 'Ypsigram', version, description: 'Cups, spoons and grams that agree.' },
    paths: {
      '/api/health': {
        get: {
          summary: 'Whether it runs',
          responses: { '200': { description: 'It runs.', ...json(health) } },
        },
      },
      '/api/readings': {
        post: {
          summary: 'Read a recipe text line by line; saves nothing',
          requestBody: json(readingRequest),
          responses: {
            '200': { description: 'What was understood.', ...json(readingReply) },
            ...refused,
          },
        },
      },
      '/api/plans': {
        post: {
          summary: 'Plan a batch: what to measure and what to weigh; saves nothing',
          requestBody: json(planRequest),
          responses: {
            '200': { description: 'Both columns.', ...json(planReply) },
            ...refused,
            ...missing,
            '422': problemOf('A line can not be measured that way.'),
          },
        },
      },
      '/api/kitchen': {
        get: {
          summary: 'The tools of this kitchen',
          responses: { '200': { description: 'The kitchen.', ...json(kitchen) } },
        },
        put: {
          summary: 'Replace the kitchen, naming the revision that the change is based on',
          requestBody: json(kitchenReplacement),
          responses: {
            '200': { description: 'Saved.', ...json(kitchen) },
            ...refused,
            '409': problemOf('It was changed meanwhile.'),
          },
        },
      },
      '/api/recipes': {
        get: {
          summary: 'List recipes by title, or search titles and ingredients',
          requestParams: { query: recipeQuery },
          responses: { '200': { description: 'One page.', ...json(recipePage) }, ...refused },
        },
        post: {
          summary: 'Save a new recipe',
          requestBody: json(recipeDraft),
          responses: { '201': { description: 'Saved.', ...json(recipe) }, ...refused },
        },
      },
      '/api/recipes/{id}': {
        get: {
          summary: 'Read a recipe',
          requestParams: { path: idPath },
          responses: { '200': { description: 'The recipe.', ...json(recipe) }, ...missing },
        },
        put: {
          summary: 'Replace a recipe, naming the revision that the change is based on',
          requestParams: { path: idPath },
          requestBody: json(recipeReplacement),
          responses: {
            '200': { description: 'Saved.', ...json(recipe) },
            ...refused,
            ...missing,
            '409': problemOf('It was changed meanwhile: both versions.', conflict),
          },
        },
        delete: {
          summary: 'Delete a recipe; it can be restored',
          requestParams: { path: idPath },
          responses: { '204': { description: 'Deleted.' }, ...missing },
        },
      },
      '/api/recipes/{id}/restore': {
        post: {
          summary: 'Bring a deleted recipe back',
          requestParams: { path: idPath },
          responses: { '200': { description: 'It is back.', ...json(recipe) }, ...missing },
        },
      },
    },
  });
}
