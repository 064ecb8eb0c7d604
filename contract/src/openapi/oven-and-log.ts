import { z } from 'zod';
import {
  learnedOfRecipe,
  logQuery,
  outcomeList,
  outcomeQuery,
  photo,
  photoQuery,
} from '../log/index.js';
import {
  ovenCommand,
  simulatedOven,
  thermometerReading,
  thermometerState,
  timer,
  timerDraft,
  timerList,
} from '../oven/index.js';
import { idPath, json, missing, problemOf, refused, table } from './parts.js';

const picture = z.string().meta({ format: 'binary', description: 'The bytes of the picture.' });

/** The paths of the oven and of the log. */
export const ovenAndLogPaths = {
  '/api/timers': {
    get: {
      summary: 'Timers that run or ring, the next to ring first',
      responses: { '200': { description: 'The timers.', ...json(timerList) } },
    },
  },
  '/api/timers/{id}': {
    put: {
      summary: 'Set a timer, or set it anew: it is nothing but the moment at which it rings',
      requestParams: { path: idPath },
      requestBody: json(timerDraft),
      responses: {
        '200': { description: 'Set.', ...json(timer) },
        ...refused,
        '410': problemOf('It was stopped, on whichever device: another takes its place.'),
      },
    },
    delete: {
      summary: 'Stop a timer, for good: what is sent late does not start it again',
      requestParams: { path: idPath },
      responses: { '204': { description: 'Stopped.' } },
    },
  },
  '/api/thermometer': {
    get: {
      summary: 'What the thermometer in the oven shows now',
      responses: { '200': { description: 'The thermometer.', ...json(thermometerState) } },
    },
  },
  '/api/thermometer/stream': {
    get: {
      summary: 'Its readings as server-sent events, two a second',
      responses: {
        '200': {
          description: 'A stream of `reading` events.',
          content: { 'text/event-stream': { schema: thermometerReading } },
        },
      },
    },
  },
  '/api/thermometer/simulation': {
    get: {
      summary: 'How the simulated oven is set',
      responses: { '200': { description: 'The oven.', ...json(simulatedOven) } },
    },
    post: {
      summary: 'Set the simulated oven, open its door, or hurry its clock',
      requestBody: json(ovenCommand),
      responses: { '200': { description: 'Done.', ...json(simulatedOven) }, ...refused },
    },
  },
  '/api/photos': {
    post: {
      summary: 'Add a photo: it is resized, and what a camera adds is left out',
      requestBody: {
        content: {
          'image/jpeg': { schema: picture },
          'image/png': { schema: picture },
          'image/webp': { schema: picture },
        },
      },
      responses: {
        '201': { description: 'Kept.', ...json(photo) },
        ...refused,
        '422': problemOf('It is no picture.'),
      },
    },
  },
  '/api/photos/{id}': {
    get: {
      summary: 'The picture of a photo',
      requestParams: { path: idPath, query: photoQuery },
      responses: {
        '200': { description: 'The picture.', content: { 'image/jpeg': { schema: picture } } },
        ...missing,
      },
    },
  },
  '/api/log/outcomes': {
    get: {
      summary: 'What bakes in the log tell, the oldest first: all, or the latest 200 of a recipe',
      requestParams: { query: outcomeQuery },
      responses: { '200': { description: 'The outcomes.', ...json(outcomeList) }, ...refused },
    },
  },
  '/api/log/learned/{id}': {
    get: {
      summary: 'What the bakes of a recipe have told: proven weights, and what it forgives',
      requestParams: { path: idPath },
      responses: { '200': { description: 'What is learned.', ...json(learnedOfRecipe) } },
    },
  },
  '/api/log/export': {
    get: {
      summary: 'The log as a file, CSV or JSON',
      requestParams: { query: logQuery },
      responses: {
        '200': {
          description: 'The file.',
          content: { ...table.content, ...json(outcomeList).content },
        },
        ...refused,
      },
    },
  },
} as const;
