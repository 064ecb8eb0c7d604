import { createDocument } from 'zod-openapi';
import type { z } from 'zod';
import { author, authorDraft, authorList, authorReplacement } from '../authors.js';
import { kitchen, kitchenReplacement } from '../kitchen.js';
import { chanceReply, chanceRequest } from '../chances.js';
import { conversionReply, conversionRequest } from '../quick/index.js';
import { planReply, planRequest } from '../plans.js';
import { conflict, health } from '../problems.js';
import { bakePaths } from './bakes.js';
import { filePaths } from './files.js';
import { housePaths } from './house.js';
import { ovenAndLogPaths } from './oven-and-log.js';
import { practicePaths } from './practice.js';
import { idPath, json, missing, problemOf, refused, stale, table } from './parts.js';
import { readingReply, readingRequest } from '../readings.js';
import {
  scaleCommand,
  scaleReading,
  scaleState,
  simulationCommand,
  simulationState,
} from '../scale.js';
import {
  importQuery,
  importReply,
  trial,
  trialDraft,
  trialList,
  trialQuery,
  trialReplacement,
} from '../trials.js';
import {
  recipe,
  recipeDraft,
  ingredientUseQuery,
  ingredientUses,
  recipePage,
  recipeQuery,
  recipeReplacement,
  recipeVersions,
} from '../recipes.js';

const changePaths = (what: string, replacement: z.ZodType, whole: z.ZodType) => ({
  put: {
    summary: `Replace ${what}, naming the revision that the change is based on`,
    requestParams: { path: idPath },
    requestBody: json(replacement),
    responses: {
      '200': { description: 'Saved.', ...json(whole) },
      ...refused,
      ...missing,
      ...stale,
    },
  },
  delete: {
    summary: `Delete ${what}; it can be restored`,
    requestParams: { path: idPath },
    responses: { '204': { description: 'Deleted.' }, ...missing },
  },
});

const restorePath = (what: string, whole: z.ZodType) => ({
  post: {
    summary: `Restore a deleted ${what}`,
    requestParams: { path: idPath },
    responses: { '200': { description: 'It is back.', ...json(whole) }, ...missing },
  },
});

const csvPath = (what: string) => ({
  get: {
    summary: `Export ${what} as CSV`,
    responses: { '200': { description: 'A table.', ...table } },
  },
  post: {
    summary: `Import ${what} from CSV; with dryRun=1 only preview the import`,
    requestParams: { query: importQuery },
    requestBody: table,
    responses: {
      '200': { description: 'What was imported, and what could not be.', ...json(importReply) },
      ...refused,
    },
  },
});

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
      '/api/conversions': {
        post: {
          summary: 'Answer one line: an amount in another unit, a heat, a pan; saves nothing',
          requestBody: json(conversionRequest),
          responses: {
            '200': { description: 'The answer.', ...json(conversionReply) },
            ...refused,
          },
        },
      },
      '/api/plans': {
        post: {
          summary: 'Plan a batch: what to measure and what to weigh; saves nothing',
          requestBody: json(planRequest),
          responses: {
            '200': { description: 'The plan.', ...json(planReply) },
            ...refused,
            ...missing,
            '422': problemOf('A line can’t be measured that way.'),
          },
        },
      },
      '/api/chances': {
        post: {
          summary: 'How likely a batch comes out, and what to weigh; saves nothing',
          requestBody: json(chanceRequest),
          responses: {
            '200': { description: 'Chances by the error model.', ...json(chanceReply) },
            ...refused,
            ...missing,
            '422': problemOf('A line can’t be measured that way.'),
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
      '/api/kitchen/weights/csv': csvPath('the own weights of this kitchen'),
      '/api/trials': {
        get: {
          summary: 'Trials of the hands of this kitchen, oldest first',
          requestParams: { query: trialQuery },
          responses: { '200': { description: 'The trials.', ...json(trialList) }, ...refused },
        },
        post: {
          summary: 'Add a trial',
          requestBody: json(trialDraft),
          responses: { '201': { description: 'Kept.', ...json(trial) }, ...refused },
        },
      },
      '/api/trials/{id}': changePaths('a trial', trialReplacement, trial),
      '/api/trials/{id}/restore': restorePath('a trial', trial),
      '/api/trials/csv': csvPath('trials'),
      '/api/trials/imports/{id}': {
        delete: {
          summary: 'Undo an import',
          requestParams: { path: idPath },
          responses: { '204': { description: 'The import is undone.' }, ...missing },
        },
      },
      '/api/authors': {
        get: {
          summary: 'Authors, with what their recipes say of their cups',
          responses: { '200': { description: 'The authors.', ...json(authorList) } },
        },
        post: {
          summary: 'Add an author',
          requestBody: json(authorDraft),
          responses: { '201': { description: 'Added.', ...json(author) }, ...refused },
        },
      },
      '/api/authors/{id}': {
        get: {
          summary: 'Read an author',
          requestParams: { path: idPath },
          responses: { '200': { description: 'The author.', ...json(author) }, ...missing },
        },
        ...changePaths('an author', authorReplacement, author),
      },
      '/api/authors/{id}/restore': restorePath('an author', author),
      '/api/scale': {
        get: {
          summary: 'What the scale of this kitchen shows now',
          responses: { '200': { description: 'The scale.', ...json(scaleState) } },
        },
        post: {
          summary: 'Press a button of the scale',
          requestBody: json(scaleCommand),
          responses: { '200': { description: 'Pressed.', ...json(scaleState) }, ...refused },
        },
      },
      '/api/scale/stream': {
        get: {
          summary:
            'Readings as server-sent events, twenty a second while something changes; ' +
            'Last-Event-ID resumes',
          responses: {
            '200': {
              description: 'A stream of `reading` events.',
              content: { 'text/event-stream': { schema: scaleReading } },
            },
          },
        },
      },
      '/api/scale/simulation': {
        get: {
          summary: 'What lies on the simulated scale',
          responses: { '200': { description: 'The simulation.', ...json(simulationState) } },
        },
        post: {
          summary: 'Put something on the simulated scale, or take it off',
          requestBody: json(simulationCommand),
          responses: {
            '200': { description: 'Done.', ...json(simulationState) },
            ...refused,
            '422': problemOf('It can’t be done with what this kitchen has.'),
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
      '/api/recipes/uses': {
        get: {
          summary: 'In how many recipes ingredients are',
          requestParams: { query: ingredientUseQuery },
          responses: { '200': { description: 'Counted.', ...json(ingredientUses) }, ...refused },
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
      ...filePaths,
      ...bakePaths,
      ...ovenAndLogPaths,
      ...practicePaths,
      ...housePaths,
      '/api/recipes/{id}/versions': {
        get: {
          summary: 'Versions of a recipe, the newest first',
          requestParams: { path: idPath },
          responses: {
            '200': { description: 'The versions.', ...json(recipeVersions) },
            ...missing,
          },
        },
      },
      '/api/recipes/{id}/restore': {
        post: {
          summary: 'Restore a deleted recipe',
          requestParams: { path: idPath },
          responses: { '200': { description: 'It is back.', ...json(recipe) }, ...missing },
        },
      },
    },
  });
}
