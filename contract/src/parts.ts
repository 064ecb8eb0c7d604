import { BAKE_KINDS } from '@ypsigram/core/baking';
import { z } from 'zod';
import { STRICTNESSES } from '@ypsigram/core/fills';
import { readFactor } from '@ypsigram/core/factor';
import { METHODS } from '@ypsigram/core/catalogue';
import { RUNGS } from '@ypsigram/core/measuring';
import { STANDARDS, UNITS } from '@ypsigram/core/units';
import { LONGEST_TEXT, MOST_LINES, HEAVIEST_DENSITY } from './limits.js';
import { FACTOR_PROBLEMS } from './wording/index.js';

const LINE_BREAK = /\r\n|\r|\n/;

/** The text of a recipe, any text at all within limits. */
export const recipeText = z
  .string('Send the recipe as text.')
  .max(LONGEST_TEXT, `A recipe can have at most ${LONGEST_TEXT} characters.`)
  .refine((text) => text.length <= MOST_LINES || text.split(LINE_BREAK).length <= MOST_LINES, {
    error: `A recipe can have at most ${MOST_LINES} lines.`,
  })
  .meta({ description: 'The recipe as written, one line to an ingredient.' });

export const standard = z.enum(STANDARDS).meta({
  description: "The measure standard of the recipe: what its author's cups and spoons hold.",
});

export const method = z.enum(METHODS).meta({ description: 'A way of filling a measure.' });

export const bakeKind = z.enum(BAKE_KINDS).meta({
  description: 'The kind of bake, which decides what it forgives.',
});

/** An earlier name, in documents that were written with it. */
const currentStrictness = (value: unknown): unknown => (value === 'loose' ? 'relaxed' : value);

export const strictness = z.preprocess(currentStrictness, z.enum(STRICTNESSES)).meta({
  description: 'How closely the batch must be measured.',
});

export const isFactor = (text: string, context: z.RefinementCtx<string>): void => {
  const reading = readFactor(text);
  if (!reading.ok) context.addIssue({ code: 'custom', message: FACTOR_PROBLEMS[reading.problem] });
};

/** A batch factor as people write it: "3/2", "1 1/2", "1.5". Numbers are taken as decimals. */
export const factorText = z
  .union([z.string(), z.number().transform(String)], {
    error: 'Write the factor as text, for example "3/2".',
  })
  .superRefine(isFactor)
  .meta({ description: 'An exact factor over 0 and at most 1000: "2", "3/2", "1 1/2" or "1.5".' });

/** A line by its place among the written ones; a further ingredient of it by which it is too. */
export const lineKey = z
  .string()
  .regex(
    /^\d{1,5}(?:\.\d{1,2})?$/,
    'Name a line by its place, counted from 0, and a further ingredient of it as "3.1".',
  );

/** Your method for single lines, by their keys. */
export const methods = z
  .record(lineKey, method)
  .meta({ description: 'Your method for a line, by its `key` in the reading.' });

export const amount = z
  .object({
    min: z.number(),
    max: z.number(),
    exact: z.string().meta({ description: 'The lower end as an exact fraction.' }),
    exactMax: z.string().meta({ description: 'The upper end as an exact fraction.' }),
  })
  .meta({ description: 'An amount in the unit of its line.' });

export const unit = z.enum(UNITS);

export const rung = z.enum(RUNGS).meta({
  description: 'The rung of the basis ladder a weight stands on.',
});

const author = z.string();

/** Where a figure comes from: a code and its facts. */
export const sourceRef = z
  .discriminatedUnion('from', [
    z.object({ from: z.literal('bakes'), bakes: z.int() }),
    ...(['table', 'other-release', 'kin'] as const).map((from) =>
      z.object({ from: z.literal(from), rows: z.array(z.string()).readonly() }),
    ),
    ...(
      [
        'handbook',
        'packages',
        'egg-grades',
        'nominal',
        'physics',
        'knowledge',
        'kitchen',
        'line',
        'pinned',
        'same-by-weight',
      ] as const
    ).map((from) => z.object({ from: z.literal(from) })),
    z.object({ from: z.literal('author'), author }),
    z.object({ from: z.literal('author-lines'), author, lines: z.int() }),
    z.object({ from: z.literal('author-flour'), author }),
    z.object({ from: z.literal('hand'), hand: z.string(), trials: z.int() }),
  ])
  .meta({ description: 'Where a figure comes from.' });

export const intended = z
  .object({
    grams: z.number(),
    low: z.number(),
    high: z.number(),
    basis: rung,
    source: sourceRef,
    sourceShown: z.string().meta({ description: 'The source in words.' }),
    derivedFrom: method.nullable().meta({
      description: 'For an estimate: the method of the table weight it comes from.',
    }),
  })
  .meta({ description: 'Unrounded. `low` and `high` hold it in 19 kitchens of 20.' });

export const lineKind = z.enum(['ingredient', 'heading', 'yield', 'step', 'remark', 'unread']);

/** A decimal figure that a person wrote, over nothing and at most `most`. */
export const positive = (most: number, missing: string, tooMuch: string) =>
  z.number(missing).positive(missing).max(most, tooMuch);

/** A name of something, trimmed. */
export const nameText = (longest: number, missing: string) =>
  z.string().trim().min(1, missing).max(longest, `A name can have at most ${longest} characters.`);

export const ingredientId = z.string().min(1).max(80);
export const form = z.string().max(40).nullable();

export const instant = z.iso.datetime({ error: 'Write the moment as 2026-03-14T09:30:00Z.' });

export const newestRevision = z.int().positive().meta({
  description: 'Goes up by one with each change.',
});

/** Grams per millilitre; honey, the heaviest of the kitchen, has 1.4. */
export const gramsPerMillilitre = z
  .number('Write the weight as grams.')
  .positive('It weighs more than nothing.')
  .max(HEAVIEST_DENSITY, 'No ingredient is as heavy as that.');

/** What one filling weighs, by one way of filling. */
export const fillingWeight = z.strictObject({ ingredientId, form, method, gramsPerMillilitre });
