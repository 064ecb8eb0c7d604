import { z } from 'zod';
import {
  bakingClass,
  classDraft,
  classEvent,
  classList,
  classResult,
  classResultDraft,
  joinedClass,
  practiceTry,
  practiceTryDraft,
  practiceTryList,
} from '../practice/index.js';
import { idPath, json, missing, problemOf, refused } from './parts.js';

const codePath = z.object({ code: z.string() });
const resultPath = z.object({ id: z.uuid(), result: z.uuid() });
const joinedResultPath = z.object({ code: z.string(), result: z.uuid() });

/** The paths of practice and of its classes. */
export const practicePaths = {
  '/api/practice': {
    get: {
      summary: 'Everything that was practised, oldest first',
      responses: { '200': { description: 'The tries.', ...json(practiceTryList) } },
    },
  },
  '/api/practice/{id}': {
    put: {
      summary: 'Add a try under an id of its own; sent twice, it is kept once',
      requestParams: { path: idPath },
      requestBody: json(practiceTryDraft),
      responses: { '200': { description: 'Kept.', ...json(practiceTry) }, ...refused },
    },
    delete: {
      summary: 'Take a try back; one that is gone stays gone',
      requestParams: { path: idPath },
      responses: { '204': { description: 'Taken back.' } },
    },
  },
  '/api/classes': {
    get: {
      summary: 'The classes, the newest first',
      responses: { '200': { description: 'The classes.', ...json(classList) } },
    },
  },
  '/api/classes/joined/{code}': {
    get: {
      summary: 'The tasks of a class, by its code; nobody’s results',
      requestParams: { path: codePath },
      responses: { '200': { description: 'The tasks.', ...json(joinedClass) }, ...missing },
    },
  },
  '/api/classes/joined/{code}/results/{result}': {
    put: {
      summary: 'Hand in a result; sent twice, it is kept once',
      requestParams: { path: joinedResultPath },
      requestBody: json(classResultDraft),
      responses: {
        '200': { description: 'Kept.', ...json(classResult) },
        ...refused,
        ...missing,
        '422': problemOf('The class has no such task, or is full.'),
      },
    },
  },
  '/api/classes/{id}': {
    get: {
      summary: 'A class with all its results',
      requestParams: { path: idPath },
      responses: { '200': { description: 'The class.', ...json(bakingClass) }, ...missing },
    },
    put: {
      summary: 'Start a class under an id of its own, or change its name and tasks',
      requestParams: { path: idPath },
      requestBody: json(classDraft),
      responses: { '200': { description: 'Kept.', ...json(bakingClass) }, ...refused },
    },
    delete: {
      summary: 'Remove a class, its names and its results for good',
      requestParams: { path: idPath },
      responses: { '204': { description: 'Removed.' }, ...missing },
    },
  },
  '/api/classes/{id}/stream': {
    get: {
      summary: 'What comes in, as server-sent events',
      requestParams: { path: idPath },
      responses: {
        '200': {
          description: 'A stream of `class` events.',
          content: { 'text/event-stream': { schema: classEvent } },
        },
        ...missing,
      },
    },
  },
  '/api/classes/{id}/results/{result}': {
    put: {
      summary: 'Write down a result for somebody; sent twice, it is kept once',
      requestParams: { path: resultPath },
      requestBody: json(classResultDraft),
      responses: {
        '200': { description: 'Kept.', ...json(classResult) },
        ...refused,
        ...missing,
        '422': problemOf('The class has no such task, or is full.'),
      },
    },
    delete: {
      summary: 'Take a result back',
      requestParams: { path: resultPath },
      responses: { '204': { description: 'Taken back.' }, ...missing },
    },
  },
} as const;
