import {
  bake,
  bakeDraft,
  bakeList,
  bakeQuery,
  bakeReading,
  bakeReadingList,
  bakeReadingQuery,
  readingsDraft,
} from '../bakes/index.js';
import { idPath, json, missing, problemOf, refused } from './parts.js';

/** The paths of bakes and of what was done at them. */
export const bakePaths = {
  '/api/bakes': {
    get: {
      summary: 'Bakes, the newest first',
      requestParams: { query: bakeQuery },
      responses: { '200': { description: 'The bakes.', ...json(bakeList) }, ...refused },
    },
    post: {
      summary: 'Begin a bake of a saved recipe from its plan as it is now',
      requestBody: json(bakeDraft),
      responses: {
        '201': { description: 'Begun, or begun before by the same id.', ...json(bake) },
        ...refused,
        ...missing,
        '422': problemOf('The batch can’t be planned.'),
      },
    },
  },
  '/api/bakes/{id}': {
    get: {
      summary: 'A bake: its plan and everything that was done',
      requestParams: { path: idPath },
      responses: { '200': { description: 'The bake.', ...json(bake) }, ...missing },
    },
    delete: {
      summary: 'Delete a bake; it can be restored',
      requestParams: { path: idPath },
      responses: { '204': { description: 'Deleted.' }, ...missing },
    },
  },
  '/api/bakes/{id}/restore': {
    post: {
      summary: 'Restore a deleted bake',
      requestParams: { path: idPath },
      responses: { '200': { description: 'It is back.', ...json(bake) }, ...missing },
    },
  },
  '/api/bakes/{id}/readings': {
    get: {
      summary: 'What was done at a bake, in the order it was received',
      requestParams: { path: idPath, query: bakeReadingQuery },
      responses: {
        '200': { description: 'The readings.', ...json(bakeReadingList) },
        ...missing,
        ...refused,
      },
    },
    post: {
      summary:
        'Add what was done; never rewritten, and taken back only by another. The same id twice is one reading',
      requestParams: { path: idPath },
      requestBody: json(readingsDraft),
      responses: {
        '201': { description: 'Kept, as they are kept.', ...json(bakeReadingList) },
        ...refused,
        ...missing,
        '422': problemOf('There is no such line in this bake.'),
      },
    },
  },
  '/api/bakes/{id}/plan': {
    post: {
      summary: 'Take in the newest text of the recipe for what is still to do',
      requestParams: { path: idPath },
      responses: {
        '201': { description: 'The reading that does so.', ...json(bakeReading) },
        ...missing,
      },
    },
  },
  '/api/bakes/{id}/stream': {
    get: {
      summary: 'Readings of a bake as server-sent events; Last-Event-ID resumes',
      requestParams: { path: idPath },
      responses: {
        '200': {
          description: 'A stream of `reading` events.',
          content: { 'text/event-stream': { schema: bakeReading } },
        },
        ...missing,
      },
    },
  },
} as const;
