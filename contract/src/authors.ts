import { z } from 'zod';
import { answers } from './answers.js';
import {
  fillingWeight,
  form,
  ingredientId,
  method,
  nameText,
  newestRevision,
  standard,
} from './parts.js';

export const AUTHOR_KINDS = ['book', 'notebook', 'person'] as const;

const MOST_CONVENTIONS = 300;

/** What a baker says of an author. */
const said = {
  name: nameText(60, 'Give the author a name, such as “Harbour notebook”.'),
  kind: z.enum(AUTHOR_KINDS).default('book'),
  standard: standard.default('us-customary'),
  note: z.string().trim().max(500, 'A note can have at most 500 characters.').default(''),
  conventions: z
    .array(fillingWeight)
    .max(MOST_CONVENTIONS, `At most ${MOST_CONVENTIONS} weights to an author.`)
    .default([])
    .meta({ description: 'What this author says a filling weighs.' }),
  answers: answers.meta({ description: 'What the words of this author mean.' }),
};

export const authorDraft = z.strictObject(said);

export const authorReplacement = z.strictObject({ ...said, revision: newestRevision });

export const inferredConvention = z.object({
  ingredientId,
  form,
  method,
  gramsPerMillilitre: z.number().nullable().meta({
    description: 'Null while fewer than two lines agree.',
  }),
  relativeSpread: z.number(),
  lines: z.array(
    z.object({
      recipe: z.string(),
      written: z.string(),
      grams: z.number(),
      millilitres: z.number(),
      agrees: z.boolean(),
    }),
  ),
});

export const author = z.object({
  ...said,
  id: z.uuid(),
  revision: newestRevision,
  inferred: z.array(inferredConvention).meta({
    description: 'What follows from lines of its recipes that give volume and weight.',
  }),
  recipeCount: z.int(),
});

export const authorList = z.object({ items: z.array(author) });

export type AuthorDraft = z.input<typeof authorDraft>;
export type AuthorReplacement = z.input<typeof authorReplacement>;
export type Author = z.infer<typeof author>;
