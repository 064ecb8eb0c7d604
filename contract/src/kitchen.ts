import { z } from 'zod';
import { Fraction } from '@ypsigram/core/amount';
import { BLOCKS } from '@ypsigram/core/drawer';
import { WEIGHED_IN } from '@ypsigram/core/fills';
import { CLASSES } from '@ypsigram/core/catalogue';
import { DATE_ORDERS, DECIMAL_MARKS, FIRST_DAYS, TEMPERATURES } from './formats.js';
import { answers } from './answers.js';
import { container, hand, oven, ownIngredient, price, scale } from './kitchen-parts.js';
import { HEAVIEST_FILL_GRAMS } from './limits.js';
import { fillingWeight, method, nameText, standard } from './parts.js';

const MOST_TOOLS = 60;
const MOST_FILLS = 50;
const LARGEST_TOOL = 5000;
const MOST_WEIGHTS = 2000;
const MOST_INGREDIENTS = 500;
const MOST_OF_ANY = 60;

const fraction = z
  .string()
  .regex(/^\d{1,4}(?:\/[1-9]\d{0,2}| [1-9]\d{0,2}\/[1-9]\d{0,2}|\.\d{1,3})?$/, {
    error: 'Write the size as 1, 1/2 or 1 1/2.',
    // What is no fraction can not be looked at as one.
    abort: true,
  })
  .refine((text) => new Fraction(text).compare(0) > 0, { error: 'Write a size above 0.' })
  .refine((text) => new Fraction(text).compare(LARGEST_TOOL) <= 0, {
    error: 'That is larger than any kitchen tool.',
  });

export const waterFills = z.strictObject({
  grams: z
    .array(
      z
        .number('Write each fill as grams.')
        .positive('Write a weight above 0.')
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
  name: nameText(40, 'Give the tool a name.'),
  kind: z.enum(['cup', 'spoon', 'jug']),
  nominal: fraction.meta({ description: 'The size marked on it, in `unit`: "1/2".' }),
  unit: z.enum(['cup', 'tbsp', 'tsp', 'ml']),
  set: nameText(40, 'Give the set a name.').nullable().default(null).meta({
    description: 'The set it belongs to: “steel cups”.',
  }),
  aside: z.boolean().meta({ description: 'Missing or in the wash: plans do without it.' }),
  calibration: waterFills.nullable(),
});

const oneOfAName = <T extends { name: string }>(list: readonly T[]): boolean =>
  new Set(list.map(({ name }) => name)).size === list.length;

const named = <T extends z.ZodType<{ name: string }>>(
  of: T,
  what: string,
  most: number = MOST_OF_ANY,
) =>
  z
    .array(of)
    .max(most, `At most ${most} ${what}.`)
    .refine(oneOfAName, { error: `Two ${what} have the same name. Give one of them another.` });

const things = {
  standard: standard.meta({ description: 'What the cups and spoons of this kitchen hold.' }),
  tools: named(kitchenTool, 'tools', MOST_TOOLS),
  block: z.enum(BLOCKS).default('stick').meta({ description: 'How its butter is sold.' }),
  scales: named(scale, 'scales').default([]),
  containers: named(container, 'containers').default([]),
  ovens: named(oven, 'ovens').default([]),
  weights: z
    .array(fillingWeight)
    .max(MOST_WEIGHTS, `At most ${MOST_WEIGHTS} own weights are kept.`)
    .default([])
    .meta({ description: 'Weights that this kitchen sets over those of the tables.' }),
  answers: answers.meta({ description: 'What words mean in all recipes of this kitchen.' }),
  ingredients: named(ownIngredient, 'ingredients', MOST_INGREDIENTS).default([]),
  prices: z.array(price).max(MOST_WEIGHTS).default([]),
  currency: z.string().trim().min(1).max(4).nullable().default(null).meta({
    description: 'The sign that prices are shown with; null goes by the browser, as below.',
  }),
  decimalMark: z.enum(DECIMAL_MARKS).nullable().default(null),
  dateOrder: z.enum(DATE_ORDERS).nullable().default(null),
  /** The first day of a week. */
  firstDay: z.enum(FIRST_DAYS).nullable().default(null),
  temperature: z.enum(TEMPERATURES).nullable().default(null),
  letterKeys: z.boolean().default(true).meta({
    description: 'Whether a letter alone is a shortcut.',
  }),
  getsWebPages: z.boolean().default(true).meta({
    description: 'Whether a recipe is got from the web when its address is pasted.',
  }),
  hands: named(hand, 'hands').default([]).meta({ description: 'The people who measure here.' }),
  handId: z.uuid().nullable().default(null).meta({
    description: 'Who measures now: plans go by this hand where it is known.',
  }),
  weighedIn: z.enum(WEIGHED_IN).default('g').meta({
    description: 'Grams, or pounds and ounces.',
  }),
  habits: z.partialRecord(z.enum(CLASSES), method).default({}).meta({
    description: 'How this kitchen fills a class of ingredients, whoever wrote the recipe.',
  }),
  revision: z.int().nonnegative().meta({ description: '0 until something was chosen.' }),
};

interface Household {
  readonly hands: readonly { readonly id: string }[];
  readonly handId: string | null;
}

const handIsHere = ({ hands, handId }: Household): boolean =>
  handId === null || hands.some(({ id }) => id === handId);
const NOBODY_HERE = { error: 'There is no hand with that id.', path: ['handId'] };

export const kitchen = z.object(things).refine(handIsHere, NOBODY_HERE);

export const kitchenReplacement = z.strictObject(things).refine(handIsHere, NOBODY_HERE);

export type Kitchen = z.infer<typeof kitchen>;
export type KitchenTool = z.infer<typeof kitchenTool>;
export type KitchenScale = Kitchen['scales'][number];
export type KitchenContainer = Kitchen['containers'][number];
export type KitchenHand = Kitchen['hands'][number];
export type KitchenPrice = Kitchen['prices'][number];
export type KitchenOven = Kitchen['ovens'][number];
export type KitchenIngredient = Kitchen['ingredients'][number];
