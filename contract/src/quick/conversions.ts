import { z } from 'zod';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Intended } from '@ypsigram/core/conversion';
import { NO_ANSWERS, type QuickAnswer } from '@ypsigram/core/quick';
import { intended, method, standard, unit } from '../parts.js';
import { gridWeight, shown } from '../measures.js';
import { toMeasureReply, toWeightReply } from '../plan-replies.js';
import { planMeasure } from '../plans.js';
import { toIntendedReply } from '../readings.js';
import { measureText } from '../wording/index.js';
import { quickText } from './quick-text.js';

/** No question is longer. */
const LONGEST_QUESTION = 200;

export const conversionRequest = z.strictObject({
  question: z
    .string('Write the question, for example “1 3/4 cups cocoa in grams”.')
    .max(LONGEST_QUESTION, 'Ask for one thing at a time, in at most 200 characters.')
    .meta({
      description:
        '“1 3/4 cups cocoa in grams”, “350 F”, “20 cm round to 23 cm”, “21 g fresh yeast to instant”.',
    }),
  standard: standard.optional().meta({
    description: 'Whose cups and spoons are meant, where that are not this kitchen’s.',
  }),
});

const says = z.string().meta({ description: 'The answer in a few words.' });
const weight = gridWeight.extend({ shown });
const mass = intended.pick({ grams: true, low: true, high: true });

const measureReply = z.object({
  kind: z.literal('measure'),
  says,
  written: z.string(),
  ingredientId: z.string(),
  ingredient: z.string(),
  intended,
  wanted: z.object({ unit, amount: z.number() }).nullable().meta({
    description: 'In the unit that was asked for. Unrounded.',
  }),
  weight: weight.nullable(),
  measure: planMeasure.nullable().meta({ description: 'By the tools of this kitchen.' }),
  ways: z.array(mass.extend({ method })).meta({ description: 'By each way of filling.' }),
  standards: z.array(z.object({ standard, grams: z.number() })).meta({
    description: 'The same amount of other countries’ cups and spoons.',
  }),
  times: z.array(
    z.object({
      times: z.string(),
      grams: z.number().nullable(),
      weight: weight.nullable(),
      measure: z.string().nullable(),
    }),
  ),
});

const unitsReply = z.object({
  kind: z.literal('units'),
  says,
  from: z.object({ unit, amount: z.number() }),
  wanted: z.object({ unit, amount: z.number() }).meta({ description: 'Unrounded.' }),
});

const countReply = z.object({
  kind: z.literal('count'),
  says,
  ingredientId: z.string(),
  ingredient: z.string(),
  intended,
  pieces: z.number().meta({ description: 'How many pieces that is. Unrounded.' }),
  gramsEach: z.number(),
});

const heatReply = z.object({
  kind: z.literal('heat'),
  says,
  celsius: z.number(),
  fahrenheit: z.number(),
  gasMark: z.number().nullable(),
  fanCelsius: z.number(),
});

const panReply = z.object({
  kind: z.literal('pan'),
  says,
  factor: z.object({ exact: z.string(), value: z.number() }),
});

const insteadReply = z.object({
  kind: z.literal('instead'),
  says,
  ingredientId: z.string(),
  ingredient: z.string(),
  grams: z.number().meta({ description: 'Of the other kind. Unrounded.' }),
  insteadOf: z.object({ ingredientId: z.string(), ingredient: z.string(), intended }),
  waterMore: z.number().meta({ description: 'Grams of water it takes more; negative for less.' }),
  weight: weight.nullable(),
  measure: planMeasure.nullable().meta({ description: 'By the tools of this kitchen.' }),
});

const lengthReply = z.object({
  kind: z.literal('length'),
  says,
  sides: z
    .array(z.object({ centimetres: z.number(), inches: z.number() }))
    .meta({ description: 'Each side, or the one length; unrounded.' }),
});

const noReply = z.object({
  kind: z.literal('none'),
  says,
  reason: z.enum(NO_ANSWERS),
  closest: z.array(z.object({ ingredientId: z.string(), name: z.string() })),
});

export const conversionReply = z.discriminatedUnion('kind', [
  measureReply,
  unitsReply,
  countReply,
  heatReply,
  lengthReply,
  panReply,
  insteadReply,
  noReply,
]);

export type ConversionReply = z.infer<typeof conversionReply>;

const toMass = ({ grams, low, high }: Intended) => ({ grams, low, high });

/** The answer to a quick question as it crosses the wire. */
export function toConversionReply(answer: QuickAnswer, shelf: Shelf): ConversionReply {
  const text = quickText(answer);
  switch (answer.kind) {
    case 'measure': {
      const { line, ingredient, wanted, plan, ways, standards, times } = answer;
      return {
        kind: answer.kind,
        says: text,
        written: line.written,
        ingredientId: ingredient.id,
        ingredient: ingredient.name,
        intended: toIntendedReply(answer.intended),
        wanted,
        weight: plan.weight && toWeightReply(plan.weight),
        measure: plan.measure && toMeasureReply(plan.measure),
        ways: ways.map((way) => ({ ...toMass(way.intended), method: way.method })),
        standards: standards.map((one) => ({ ...one })),
        times: times.map((one) => ({
          times: one.times.toFraction(),
          grams: one.plan.intended?.grams ?? null,
          weight: one.plan.weight && toWeightReply(one.plan.weight),
          measure: one.plan.measure && measureText(one.plan.measure),
        })),
      };
    }
    case 'count': {
      const { ingredient, intended: of, pieces, gramsEach } = answer;
      return {
        kind: answer.kind,
        says: text,
        ingredientId: ingredient.id,
        ingredient: ingredient.name,
        intended: toIntendedReply(of),
        pieces,
        gramsEach,
      };
    }
    case 'length': {
      const { kind, sides } = answer;
      return { kind, says: text, sides: sides.map((side) => ({ ...side })) };
    }
    case 'units':
    case 'heat':
      return { ...answer, says: text };
    case 'pan': {
      const { factor } = answer;
      return {
        kind: answer.kind,
        says: text,
        factor: { exact: factor.toFraction(), value: factor.valueOf() },
      };
    }
    case 'instead': {
      const { instead, grams, waterMore, plan } = answer;
      return {
        kind: answer.kind,
        says: text,
        ingredientId: instead.ingredientId,
        ingredient: instead.name,
        grams,
        insteadOf: {
          ingredientId: answer.ingredient.id,
          ingredient: answer.ingredient.name,
          intended: toIntendedReply(answer.intended),
        },
        waterMore,
        weight: plan.weight && toWeightReply(plan.weight),
        measure: plan.measure && toMeasureReply(plan.measure),
      };
    }
    case 'none':
      return {
        kind: answer.kind,
        says: text,
        reason: answer.reason,
        closest: answer.closest.map((ingredientId) => ({
          ingredientId,
          name: shelf.ingredient(ingredientId)?.name ?? ingredientId,
        })),
      };
  }
}
