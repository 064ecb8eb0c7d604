import { z } from 'zod';
import { COLUMNS, USUAL_BALANCE } from '@ypsigram/core/batch';
import { bakeKind, form, ingredientId, lineKey, method, strictness } from './parts.js';

const HEAVIEST_LINE_GRAMS = 1_000_000;
const LARGEST_BOWL_MILLILITRES = 500_000;
const MOST_PIECES = 100_000;
const COOLEST_OVEN = 20;
const HOTTEST_OVEN = 350;
const MOST_MINUTES = 2880;
const LONGEST_TRY = 400;

export const lineChoice = z.strictObject({
  method: method.exactOptional(),
  grams: z
    .number('Write the weight in grams.')
    .positive('It weighs more than nothing.')
    .max(HEAVIEST_LINE_GRAMS, 'That is more than a tonne.')
    .exactOptional()
    .meta({ description: 'A pinned weight, in grams at factor 1.' }),
  instead: z.strictObject({ ingredientId, form }).exactOptional().meta({
    description: 'Another kind that takes its place, by weight.',
  }),
  tools: z.array(z.string().min(1).max(40)).min(1).max(20).readonly().exactOptional().meta({
    description: 'The only tools to fill for this line.',
  }),
  weighed: z.boolean().exactOptional().meta({ description: 'Weighed, by either route.' }),
  nearest: z.boolean().exactOptional().meta({
    description: 'Filled as near as the tools come, however many fills that takes.',
  }),
  premix: z.boolean().exactOptional().meta({
    description: 'Weighed stirred into flour, where no scale here resolves it.',
  }),
});

export const lineChoices = z.record(lineKey, lineChoice).meta({
  description: 'What was decided of single lines, by their `key` in the reading.',
});

/** A heat that an oven can have, in degrees Celsius. */
export const ovenCelsius = z
  .number('Write the heat in degrees.')
  .min(COOLEST_OVEN, 'No oven is that cool.')
  .max(HOTTEST_OVEN, 'No oven of a home is that hot.');

const minutes = z
  .number('Write how many minutes.')
  .min(0, 'A time is nothing or more.')
  .max(MOST_MINUTES, 'That is more than two days.');

export const bakingFacts = z
  .strictObject({
    celsius: ovenCelsius.exactOptional(),
    fanCelsius: ovenCelsius.exactOptional(),
    minMinutes: minutes.exactOptional(),
    maxMinutes: minutes.exactOptional(),
    panMinutes: minutes.exactOptional(),
  })
  .meta({ description: 'What was said of the baking where the text does not.' });

export const trying = z
  .strictObject({
    bakeId: z.uuid(),
    causeId: z.string().min(1).max(40),
    note: z.string().trim().min(1).max(LONGEST_TRY),
  })
  .meta({ description: 'What is done otherwise at the next bake, and after which one.' });

export const balance = z
  .strictObject({
    strictness: strictness.default(USUAL_BALANCE.strictness),
    kind: bakeKind.nullable().default(null).meta({
      description: 'The kind of bake; null where the guess is right.',
    }),
    columns: z.enum(COLUMNS).default(USUAL_BALANCE.columns).meta({
      description: 'The columns this baker goes by.',
    }),
    lines: lineChoices.default({}),
    bowlMillilitres: z
      .number('Write what the bowl holds, in millilitres.')
      .positive('A bowl holds more than nothing.')
      .max(LARGEST_BOWL_MILLILITRES, 'That is larger than any bowl.')
      .nullable()
      .default(null),
    piecesPerLoad: z
      .number('Write how many pieces the oven takes at once.')
      .positive('An oven takes more than no pieces.')
      .max(MOST_PIECES, 'That is more than any oven takes.')
      .nullable()
      .default(null),
    baking: bakingFacts.default({}),
    trying: trying.nullable().default(null),
    forKeeping: z.boolean().optional().meta({
      description: 'Whether it is made to keep outside the fridge, as its baker said.',
    }),
  })
  .meta({ description: 'What was decided of the two columns.' });
