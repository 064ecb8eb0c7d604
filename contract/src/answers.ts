import { z } from 'zod';
import { Fraction } from '@ypsigram/core/amount';
import { MOST_ANSWERS } from './limits.js';
import { form, ingredientId, method, unit } from './parts.js';

const MOST_WORDS = 200;
const LONGEST_LINE = 500;

const NOTES = [
  'assumed-kind',
  'kind-ambiguous',
  'order-before',
  'order-after',
  'ounce-read-as',
  'ounce-ambiguous',
  'implausible-weight',
  'volumes-disagree',
  'unknown-ingredient',
  'alternative',
  'correction',
] as const;

const fraction = z
  .string()
  .regex(/^\d{1,9}(?:\/[1-9]\d{0,8})?$/, { error: 'Write the amount as 3/2.', abort: true })
  .refine((text) => new Fraction(text).compare(0) > 0, {
    error: 'An amount is more than nothing.',
  });

/** What a line means other than what was read: what is left out stays as it was read. */
export const otherReading = z.strictObject({
  ingredientId: ingredientId.exactOptional(),
  method: method.exactOptional(),
  form: form.exactOptional(),
  unit: unit.exactOptional(),
  amount: z.tuple([fraction, fraction]).exactOptional().meta({
    description: 'The two ends, as exact fractions.',
  }),
  statedGrams: z.number().positive().max(1e6).nullable().exactOptional().meta({
    description: 'Another weight than the written one; null pays no attention to it.',
  }),
});

const answered = {
  note: z.enum(NOTES).meta({
    description: 'The note that is answered; `correction` for a line as a whole.',
  }),
  name: z.string().max(MOST_WORDS).meta({
    description: 'The comparable words of the ingredient, as written: “coarse sea salt”.',
  }),
  word: z.string().max(MOST_WORDS).nullable().meta({
    description: 'The word that the note is about, such as “sifted”.',
  }),
  reading: otherReading,
};

export const answer = z.strictObject(answered);

export const lineAnswer = z.strictObject({
  ...answered,
  written: z.string().max(LONGEST_LINE).meta({ description: 'The line, as written.' }),
});

export const answers = z
  .array(answer)
  .max(MOST_ANSWERS, `At most ${MOST_ANSWERS} answers are kept.`)
  .default([]);

export const lineAnswerList = z
  .array(lineAnswer)
  .max(MOST_ANSWERS, `At most ${MOST_ANSWERS} answers are kept of a recipe.`);

export const lineAnswers = lineAnswerList.default([]);

/** An answer that goes for every recipe of an author or of the kitchen. */
export type KeptAnswer = z.infer<typeof answer>;
export type SentLineAnswer = z.infer<typeof lineAnswer>;
