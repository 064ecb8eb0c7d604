import { z } from 'zod';
import { FORGIVEN_PARTS } from '@ypsigram/core/baking';
import { BENCH_ROUTES } from '@ypsigram/core/bench';
import { CLASSES, KEEPS, ROLES } from '@ypsigram/core/catalogue';
import { bakingFacts, trying } from '../balance.js';
import { fraction, gridWeight, plannedFill } from '../measures.js';
import { bakeKind, form, method, recipeText, strictness } from '../parts.js';
import { MOST_LINES, LONGEST_TITLE } from '../limits.js';
import { makesOfEarlier, measureOfEarlier, weightOfEarlier } from './earlier.js';

export const lineId = z.string().min(1).max(40);
const grams = z.number().min(0);
const share = z.number();

export const benchRoute = z.enum(BENCH_ROUTES).meta({
  description:
    'How a line gets onto the tray: filled; weighed in its own container; in the shared bowl with tare between; in the shared bowl by its running total; on a beam.',
});

const measure = z.object({
  method,
  fills: z.array(plannedFill).max(40).readonly(),
  grams,
  spread: z.number().min(0).meta({
    description: 'How far the fills may be off together: a relative standard deviation.',
  }),
});

export const bakeMeasure = z.preprocess(measureOfEarlier, measure);

const bakeLine = z.object({
  id: lineId,
  index: z.int().min(-1).meta({ description: 'In the reading; -1 for what it no longer has.' }),
  written: z.string().max(2000),
  name: z.string().max(2000),
  section: z.string().max(2000).nullable(),
  ingredientId: z.string().nullable(),
  form,
  class: z.enum(CLASSES).nullable(),
  role: z.enum(ROLES).nullable(),
  keeps: z.enum(KEEPS).nullable().exactOptional(),
  leftOut: z.string().max(2000).exactOptional(),
  allergens: z.array(z.string()).readonly(),
  intendedGrams: grams.nullable(),
  weight: z.preprocess(weightOfEarlier, gridWeight.nullable()),
  measure: z.preprocess(measureOfEarlier, measure.nullable()),
  tolerance: share.nullable(),
  forgiven: share.nullable(),
  gramsPerTeaspoon: z.number().positive().nullable(),
  route: benchRoute,
});

export const bowl = z.object({
  section: z.string().max(2000).nullable(),
  lines: z.array(lineId).max(MOST_LINES).readonly(),
});

const chanceFill = z.object({
  tool: z.string().nullable(),
  toolSpread: share,
  count: z.number(),
  grams,
  spread: share,
  isRead: z.boolean(),
});

const chanceLine = z.object({
  index: z.int(),
  ingredientId: z.string(),
  role: z.enum(ROLES),
  waterPercent: z.number(),
  intendedGrams: grams,
  forgiven: share,
  authorSpread: share,
  route: z.enum(['measure', 'weigh']),
  fills: z.array(chanceFill).readonly(),
  hand: z.object({ of: z.string(), method }).nullable(),
  handSpread: share,
  isHandKnown: z.boolean(),
  weighedGrams: grams,
  gridGrams: z.number(),
});

export const makes = z
  .object({
    count: fraction,
    noun: z.string().max(2000),
    written: z.number().nullable().meta({
      description: 'The recipe’s own count; null where the noun stays as it is.',
    }),
  })
  .meta({ description: 'So many pieces, exact, and what they are called.' });

/** The plan of a bake as it was when it was begun. */
export const bakePlan = z.object({
  title: z.string().max(LONGEST_TITLE * 2),
  text: recipeText,
  factor: z.string(),
  makes: z.preprocess(makesOfEarlier, makes.nullable()),
  pieces: z.number().nullable(),
  kind: bakeKind,
  strictness,
  lines: z.array(bakeLine).readonly(),
  bowls: z.array(bowl).readonly(),
  chance: z.array(chanceLine).readonly().meta({
    description: 'What the chance of this bake is worked out from.',
  }),
  baking: bakingFacts.exactOptional(),
  learned: z.partialRecord(z.enum(FORGIVEN_PARTS), z.number().positive()).exactOptional(),
  trying: trying.exactOptional(),
});
