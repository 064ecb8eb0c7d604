import { z } from 'zod';
import { backup, backupGaps, restoreProgress, restoreReply } from '../backup.js';
import {
  bookQuery,
  exportQuery,
  importUndone,
  recipeImport,
  recipeImportReply,
} from '../imports.js';
import { importQuery } from '../trials.js';
import { webPageReply, webPageRequest, webPagesState } from '../web-pages.js';
import { idPath, json, missing, problemOf, refused } from './parts.js';

const file = z.string().meta({ description: 'The content of a file.' });

/** Recipes in and out in open formats, and the whole kitchen as one document. */
export const filePaths = {
  '/api/exports': {
    get: {
      summary: 'Recipes as a file: plain text, Markdown, schema.org JSON-LD or CSV',
      requestParams: { query: exportQuery },
      responses: {
        '200': {
          description: 'A file that can be imported again unchanged.',
          content: {
            'text/plain': { schema: file },
            'text/markdown': { schema: file },
            'application/ld+json': { schema: file },
            'text/csv': { schema: file },
          },
        },
        ...refused,
        ...missing,
      },
    },
  },
  '/api/exports/book': {
    get: {
      summary: 'Recipes as one book to print, or as one file that needs no server',
      requestParams: { query: bookQuery },
      responses: {
        '200': {
          description: 'A page with everything in it, which can be imported again unchanged.',
          content: { 'text/html': { schema: file } },
        },
        ...refused,
        ...missing,
      },
    },
  },
  '/api/imports': {
    post: {
      summary: 'Import recipes, all or none; with `dryRun=1` only preview the import',
      requestParams: { query: importQuery },
      requestBody: json(recipeImport),
      responses: {
        '200': { description: 'What was imported, or would be.', ...json(recipeImportReply) },
        ...refused,
        '413': problemOf('The body is over 24 MiB.'),
      },
    },
  },
  '/api/imports/{id}': {
    delete: {
      summary: 'Undo an import',
      requestParams: { path: idPath },
      responses: {
        '200': { description: 'What was undone.', ...json(importUndone) },
        ...missing,
      },
    },
  },
  '/api/web-pages': {
    get: {
      summary: 'Whether recipes are got from the web here',
      responses: { '200': { description: 'Whether they are.', ...json(webPagesState) } },
    },
    post: {
      summary: 'Get the recipes of a web page. Nothing is saved',
      requestBody: json(webPageRequest),
      responses: {
        '200': { description: 'What the page holds.', ...json(webPageReply) },
        ...refused,
        '403': problemOf('Getting pages is switched off in the settings.'),
        '422': problemOf('The page holds no recipe, or is no page.'),
        '424': problemOf('The page could not be got, or took too long.'),
      },
    },
  },
  '/api/backup': {
    get: {
      summary: 'The whole kitchen as one document',
      responses: { '200': { description: 'A backup.', ...json(backup) } },
    },
    post: {
      summary:
        'Restore what is sound of a backup, together or not at all; with `dryRun=1` only preview it',
      requestParams: { query: importQuery },
      requestBody: json(backup),
      responses: {
        '200': { description: 'What was restored, or would be.', ...json(restoreReply) },
        ...refused,
      },
    },
  },
  '/api/backup/gaps': {
    get: {
      summary: 'What a backup made now would have to leave out',
      responses: { '200': { description: 'One sentence each.', ...json(backupGaps) } },
    },
  },
  '/api/backup/progress': {
    get: {
      summary: 'How far a restore is that is under way',
      responses: { '200': { description: 'In percent.', ...json(restoreProgress) } },
    },
  },
  '/api/backup/{id}/restore': {
    post: {
      summary: 'Put back what was here before a backup was restored',
      requestParams: { path: idPath },
      responses: {
        '200': { description: 'It is back.', ...json(restoreReply) },
        ...missing,
      },
    },
  },
};
