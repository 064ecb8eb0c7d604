import { z } from 'zod';
import type { Fraction } from '@ypsigram/core/amount';
import type { PlanLine } from '@ypsigram/core/batch';
import {
  amount,
  batch,
  intended,
  lineKind,
  method,
  methods,
  recipeText,
  standard,
  strictness,
} from './parts.js';
import { toAmountReply, toIntendedReply } from './readings.js';

export const planRequest = z
  .strictObject({
    text: recipeText.optional(),
    recipeId: z.string().max(64).optional(),
    batch,
    standard: standard.optional(),
    methods: methods.optional(),
    strictness: strictness.optional(),
    drawer: z.strictObject({ standard }).optional().meta({
      description:
        'Another drawer than the one of this kitchen: the usual tools, of this standard.',
    }),
  })
  .refine(({ text, recipeId }) => (text === undefined) !== (recipeId === undefined), {
    error: 'Send either a text or the id of a saved recipe, not both.',
    path: ['text'],
  });

export const planMeasure = z.object({
  method,
  millilitres: z.number().meta({
    description: 'Your volume: intended mass over the density under your method. Unrounded.',
  }),
  fills: z.array(
    z.object({
      tool: z.string(),
      count: z.number(),
      kind: z.enum(['cup', 'spoon', 'jug', 'block', 'pinch', 'egg', 'piece']),
      mark: z.string().meta({ description: 'Its size in a word or two.' }),
      millilitres: z.number().nullable().meta({ description: 'What one fill holds.' }),
    }),
  ),
  shown: z.string(),
  grams: z.number().meta({ description: 'What the fills weigh.' }),
});

export const planLine = z.object({
  written: z.string(),
  kind: lineKind,
  ingredientId: z.string().nullable(),
  scaled: amount.nullable().meta({ description: 'The written amount times the factor.' }),
  intended: intended.nullable(),
  weight: z.object({ grams: z.number(), grid: z.number(), shown: z.string() }).nullable(),
  measure: planMeasure.nullable(),
  gap: z.number().nullable().meta({
    description: 'Mass by the measure plan over mass on the scale grid, less one.',
  }),
  tolerance: z.number().nullable().meta({ description: 'The gap its role forgives, relative.' }),
  within: z.boolean().nullable(),
});

export const planReply = z.object({
  factor: z.object({ exact: z.string(), value: z.number() }),
  lines: z.array(planLine),
});

export type PlanRequest = z.infer<typeof planRequest>;
export type PlanReply = z.infer<typeof planReply>;

/** A plan as it crosses the wire. */
export function toPlanReply(factor: Fraction, lines: readonly PlanLine[]): PlanReply {
  return {
    factor: { exact: factor.toFraction(), value: factor.valueOf() },
    lines: lines.map((line) => ({
      written: line.written,
      kind: line.kind,
      ingredientId: line.ingredientId,
      scaled: line.scaled && toAmountReply(line.scaled),
      intended: line.intended && toIntendedReply(line.intended),
      weight: line.weight,
      measure: line.measure && { ...line.measure, fills: [...line.measure.fills] },
      gap: line.gap,
      tolerance: line.tolerance,
      within: line.within,
    })),
  };
}
