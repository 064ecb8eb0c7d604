import { z } from 'zod';
import { Fraction } from '@ypsigram/core/amount';
import { method, standard } from './parts.js';

const MOST_TOOLS = 60;
const MOST_FILLS = 50;
const HEAVIEST_FILL_GRAMS = 5000;
const LARGEST_TOOL = 5000;
const MOST_WEIGHTS = 1000;
/** Grams per millilitre; honey, the heaviest of the kitchen, has 1.4. */
const HEAVIEST_DENSITY = 3;

const fraction = z
  .string()
  .regex(/^\d{1,4}(?:\/[1-9]\d{0,2}| [1-9]\d{0,2}\/[1-9]\d{0,2}|\.\d{1,3})?$/, {
    error: 'Write the size as 1, 1/2 or 1 1/2.',
    // What is no fraction can not be looked at as one.
    abort: true,
  })
  .refine((text) => new Fraction(text).compare(0) > 0, { error: 'A tool holds more than nothing.' })
  .refine((text) => new Fraction(text).compare(LARGEST_TOOL) <= 0, {
    error: 'That is larger than any kitchen tool.',
  });

export const waterFills = z.strictObject({
  grams: z
    .array(
      z
        .number('Write each fill as grams.')
        .positive('A fill weighs more than nothing.')
        .max(HEAVIEST_FILL_GRAMS, `A fill weighs at most ${HEAVIEST_FILL_GRAMS} g.`),
    )
    .max(MOST_FILLS, `At most ${MOST_FILLS} fills are kept.`),
  celsius: z
    .number('Write the temperature of the water in °C.')
    .min(0, 'Water is liquid from 0 °C on.')
    .max(40, 'Use water of at most 40 °C: beyond that its density is not tabulated here.'),
  grid: z.number().positive().max(100),
});

export const kitchenTool = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, 'Give the tool a name.')
    .max(40, 'A name can have at most 40 characters.'),
  kind: z.enum(['cup', 'spoon', 'jug']),
  nominal: fraction.meta({ description: 'What is stamped on it, in `unit`: "1/2".' }),
  unit: z.enum(['cup', 'tbsp', 'tsp', 'ml']),
  aside: z.boolean().meta({ description: 'Missing or in the wash: plans do without it.' }),
  calibration: waterFills.nullable(),
});

const tools = z
  .array(kitchenTool)
  .max(MOST_TOOLS, `A drawer holds at most ${MOST_TOOLS} tools.`)
  .refine((list) => new Set(list.map(({ name }) => name)).size === list.length, {
    error: 'Two tools have the same name. Give one of them another.',
  });

const ownWeight = z.strictObject({
  ingredientId: z.string().max(80),
  form: z.string().max(40).nullable(),
  method,
  gramsPerMillilitre: z
    .number('Write the weight as grams.')
    .positive('It weighs more than nothing.')
    .max(HEAVIEST_DENSITY, 'No ingredient is as heavy as that.'),
});

export const kitchen = z.object({
  standard: standard.meta({ description: 'What the cups and spoons of this kitchen hold.' }),
  tools,
  weights: z.array(ownWeight).max(MOST_WEIGHTS).default([]).meta({
    description: 'Weights that this kitchen sets over those of the tables.',
  }),
  revision: z.int().nonnegative().meta({ description: '0 until something was chosen.' }),
});

export const kitchenReplacement = z.strictObject(kitchen.shape);

export type Kitchen = z.infer<typeof kitchen>;
export type KitchenTool = z.infer<typeof kitchenTool>;
