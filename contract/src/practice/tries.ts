import { z } from 'zod';
import { CLASSES, METHODS } from '@ypsigram/core/catalogue';
import { JUG_KINDS, TOPICS } from '@ypsigram/core/practice';
import { ingredientId, instant } from '../parts.js';

/** Something that is practised, and comes back until it stays. */
export const skill = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('fill'),
      class: z.enum(CLASSES),
      method: z.enum(METHODS),
    }),
    z.strictObject({ kind: z.literal('jug'), task: z.enum(JUG_KINDS) }),
    z.strictObject({ kind: z.literal('question'), topic: z.enum(TOPICS) }),
  ])
  .meta({ description: 'What is practised.' });

/** A spoon that a jug was poured into is not off by more than this. */
const MOST_OFF = 1000;
const ROUNDING = 1e-9;

const said = {
  handId: z
    .uuid()
    .nullable()
    .meta({ description: 'Whose try it is; null for nobody in particular.' }),
  skill,
  ingredientId: ingredientId.nullable().default(null),
  at: instant,
  off: z.number().min(-1).max(MOST_OFF).nullable().meta({
    description: 'How far off, relative; null where an answer is only right or wrong.',
  }),
  tolerance: z.number().positive().max(1).nullable(),
  isGood: z.boolean(),
};

const AS_IT_IS = 'It is good where it is within the tolerance, and not otherwise.';

export const practiceTryDraft = z
  .strictObject(said)
  .refine(
    ({ off, tolerance, isGood }) =>
      off === null || tolerance === null || isGood === Math.abs(off) <= tolerance + ROUNDING,
    { error: AS_IT_IS, path: ['isGood'] },
  );

export const practiceTry = z.object({ ...said, id: z.uuid() });

export const practiceTryList = z.object({ items: z.array(practiceTry) });

export type PracticeTryDraft = z.input<typeof practiceTryDraft>;
export type PracticeTryRecord = z.infer<typeof practiceTry>;
