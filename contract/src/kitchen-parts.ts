import { z } from 'zod';
import { SCALE_UNITS } from '@ypsigram/core/bench';
import { CLASSES, KEEPS, ROLES } from '@ypsigram/core/catalogue';
import { HEAVIEST_PACK_GRAMS, HEAVIEST_READING_GRAMS, HIGHEST_PRICE } from './limits.js';
import { ovenCelsius } from './balance.js';
import { ingredientId, instant, nameText, positive } from './parts.js';

/** The prefix keeps an own ingredient from ever standing in for a built-in one. */
const ownId = z
  .string()
  .regex(/^own-[a-z0-9-]{1,70}$/, 'An own ingredient has an id like own-carob.');

const words = (most: number) =>
  z.array(z.string().trim().min(1).max(60)).max(most, `At most ${most} names.`);

export const ownIngredient = z
  .strictObject({
    id: ownId,
    name: nameText(60, 'Give the ingredient a name.'),
    class: z.enum(CLASSES),
    role: z.enum(ROLES),
    waterPercent: z
      .number('Write the water in 100 g as a number.')
      .min(0, 'Water is 0 to 100 g in 100 g.')
      .max(100, 'Water is 0 to 100 g in 100 g.'),
    keeps: z.enum(KEEPS).exactOptional().meta({
      description: 'How it stands overnight. Until it is told, it waits in the fridge.',
    }),
    tableFood: z
      .string()
      .regex(/^\d{5}$/, 'A food of the public table has five figures.')
      .exactOptional()
      .meta({ description: 'The food of the public table that it weighs as, by its number.' }),
    allergens: words(20),
    aliases: words(20),
  })
  .meta({ description: 'An ingredient of your own. Its weights stand in `weights`, if any.' });

export const price = z.strictObject({
  ingredientId,
  packGrams: positive(
    HEAVIEST_PACK_GRAMS,
    'Write what the pack holds, in grams.',
    'No pack is that large.',
  ),
  price: positive(HIGHEST_PRICE, 'Write what the pack costs.', 'That is more than any pack costs.'),
});

export const scale = z.strictObject({
  name: nameText(40, 'Give the scale a name.'),
  kind: z.enum(['kitchen', 'fine', 'beam']),
  capacityGrams: positive(
    HEAVIEST_PACK_GRAMS,
    'Write the most it carries, in grams.',
    'That is no kitchen scale.',
  ),
  gridGrams: positive(
    100,
    'Write its step in grams, such as 1 or 0.1.',
    'That step is too coarse.',
  ),
  units: z.array(z.enum(SCALE_UNITS)).min(1, 'A scale shows at least one unit.'),
  hasTare: z.boolean(),
});

const MOST_OVEN_READINGS = 200;

const ovenReading = z.strictObject({
  setCelsius: ovenCelsius,
  readCelsius: ovenCelsius,
  isFan: z.boolean(),
  at: instant,
});

export const oven = z
  .strictObject({
    name: nameText(40, 'Give the oven a name.'),
    hasFan: z.boolean(),
    readings: z
      .array(ovenReading)
      .max(MOST_OVEN_READINGS, `At most ${MOST_OVEN_READINGS} readings are kept.`),
  })
  .meta({ description: 'An oven, and what a thermometer showed in it at settings of its dial.' });

export const container = z.strictObject({
  name: nameText(40, 'Give the container a name.'),
  grams: positive(
    HEAVIEST_READING_GRAMS,
    'Write what it weighs empty, in grams.',
    'That is too heavy for a scale.',
  ),
});

export const hand = z.strictObject({
  id: z.uuid(),
  name: nameText(40, 'Say who it is.'),
});
