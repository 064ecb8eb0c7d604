import { z } from 'zod';
import { CODE_PATTERN, tidyCode } from '@ypsigram/core/practice';
import { HEAVIEST_READING_GRAMS } from '../limits.js';
import { form, ingredientId, instant, method, nameText, positive } from '../parts.js';

const MOST_TASKS = 12;
const LONGEST_NAME = 40;
const LARGEST_MILLILITRES = 10_000;
/** Half as much again is no exercise any more. */
const WIDEST_TOLERANCE = 0.5;

const grams = positive(
  HEAVIEST_READING_GRAMS,
  'Write the weight in grams, more than nothing.',
  'That is more than a kitchen scale carries.',
);

export const classTask = z.strictObject({
  id: z.uuid(),
  ingredientId,
  form,
  method,
  tool: nameText(LONGEST_NAME, 'Say which measure is filled.'),
  millilitres: positive(
    LARGEST_MILLILITRES,
    'Write what the measure holds, in millilitres.',
    'That is larger than any kitchen tool.',
  ),
  grams: grams.meta({ description: 'The target.' }),
  tolerance: positive(
    WIDEST_TOLERANCE,
    'Write how far off is still good, more than nothing.',
    'Half of the target is the most.',
  ).meta({ description: 'How far off is still good, relative.' }),
});

export const classDraft = z.strictObject({
  name: nameText(LONGEST_NAME, 'Give the class a name.'),
  tasks: z
    .array(classTask)
    .min(1, 'Add a task first.')
    .max(MOST_TASKS, `A class has at most ${MOST_TASKS} tasks.`),
});

export const classResultDraft = z.strictObject({
  taskId: z.uuid(),
  name: nameText(LONGEST_NAME, 'Write a name: any that the class knows you by.'),
  grams,
  at: instant,
});

export const classResult = z.object({ id: z.uuid(), ...classResultDraft.shape });

/** A class as whoever teaches sees it. */
export const bakingClass = z.object({
  id: z.uuid(),
  code: z.string().meta({ description: 'By which others join.' }),
  createdAt: instant,
  ...classDraft.shape,
  results: z.array(classResult),
});

export const classList = z.object({
  items: z.array(
    z.object({
      id: z.uuid(),
      code: z.string(),
      name: z.string(),
      createdAt: instant,
      tasks: z.int(),
      people: z.int(),
    }),
  ),
});

/** A class as those see it who join: what is to be done, and nobody's results. */
export const joinedClass = z.object({
  code: z.string(),
  name: z.string(),
  tasks: z.array(classTask),
});

export const joinCode = z
  .string()
  .transform(tidyCode)
  .refine((code) => CODE_PATTERN.test(code));

/** What happens in a class while somebody looks. */
export const classEvent = z
  .discriminatedUnion('event', [
    z.object({ event: z.literal('result'), result: classResult }),
    z.object({ event: z.literal('taken-back'), id: z.uuid() }),
  ])
  .meta({ description: 'A result that came in, or was taken back.' });

export type ClassTask = z.infer<typeof classTask>;
export type ClassDraft = z.infer<typeof classDraft>;
export type ClassResultRecord = z.infer<typeof classResult>;
export type ClassResultDraft = z.infer<typeof classResultDraft>;
export type BakingClass = z.infer<typeof bakingClass>;
export type ClassList = z.infer<typeof classList>;
export type JoinedClass = z.infer<typeof joinedClass>;
export type ClassEvent = z.infer<typeof classEvent>;
