import { z } from 'zod';
import { RATIO_PARTS } from '@ypsigram/core/batch';
import { SYMPTOMS } from '@ypsigram/core/diagnosis';
import { bakeKind, instant } from '../parts.js';

const part = z.enum(RATIO_PARTS);
const byPart = z.partialRecord(part, z.number());

/** What a bake tells those that come after it. */
export const bakeOutcome = z.object({
  bakeId: z.uuid(),
  recipeId: z.uuid(),
  title: z.string(),
  at: instant,
  handId: z.uuid().nullable(),
  kind: bakeKind,
  factor: z.number(),
  rating: z.int().nullable(),
  symptoms: z.array(z.enum(SYMPTOMS)).readonly(),
  isGood: z.boolean(),
  isWasted: z.boolean(),
  lines: z
    .array(
      z.object({
        written: z.string(),
        nth: z.int(),
        ingredientId: z.string(),
        intendedGrams: z.number(),
        grams: z.number().meta({ description: 'What went in, at factor 1.' }),
        isWeighed: z.boolean(),
      }),
    )
    .readonly(),
  ratios: byPart.meta({ description: 'As they really were, in percent of the base.' }),
  deviations: byPart.meta({
    description: 'Real over intended less one, of ratios that a scale has told.',
  }),
  minutes: z.number().nullable(),
  dialCelsius: z.number().nullable(),
  photo: z.uuid().nullable(),
  tried: z.object({ causeId: z.string(), verdict: z.string().nullable() }).nullable(),
});

export const provenWeight = z.object({
  written: z.string(),
  nth: z.int(),
  ingredientId: z.string(),
  grams: z.number().meta({ description: 'The mean over good bakes, at factor 1, unrounded.' }),
  spread: z.number(),
  bakes: z.int(),
});

export const learnedLimit = z.object({
  part,
  limit: z.number(),
  low: z.number(),
  high: z.number(),
  usual: z.number(),
  bakes: z.int(),
  isUsed: z.boolean().meta({ description: 'Plans go by it rather than by the table.' }),
});

export const outcomeQuery = z.object({ recipeId: z.uuid().optional() });

/** What the bakes of a recipe have told. */
export const learnedOfRecipe = z.object({
  kind: bakeKind.nullable().meta({ description: 'The kind of bake it was learned as.' }),
  proven: z.array(provenWeight),
  limits: z.array(learnedLimit).meta({ description: 'How far each ratio may go, with its doubt.' }),
  bakes: z.int(),
  good: z.int(),
});
export const outcomeList = z.object({ items: z.array(bakeOutcome) });

export type BakeOutcomeReply = z.infer<typeof bakeOutcome>;
export type LearnedReply = z.infer<typeof learnedOfRecipe>;

export const LOG_FORMATS = ['csv', 'json'] as const;
export const logQuery = z.object({ format: z.enum(LOG_FORMATS) });
