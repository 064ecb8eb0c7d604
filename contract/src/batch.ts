import { z } from 'zod';
import { factorText, ingredientId, isFactor } from './parts.js';

const LONGEST_SIDE_CM = 200;
const MOST_PIECES = 100_000;
const MOST_GRAMS = 1_000_000;
const MOST_LIMITS = 50;

const side = z
  .number('Write the size in centimetres.')
  .positive('A pan is larger than nothing.')
  .max(LONGEST_SIDE_CM, 'That is larger than any oven.');
const pieces = z
  .number('Write how many as a number.')
  .positive('A batch has more than no pieces.')
  .max(MOST_PIECES, 'That is more than anybody bakes.');
const grams = z
  .number('Write the weight in grams.')
  .positive('It weighs more than nothing.')
  .max(MOST_GRAMS, 'That is more than a tonne.');

export const pan = z
  .discriminatedUnion('shape', [
    z.strictObject({ shape: z.literal('round'), diameterCm: side, heightCm: side }),
    z.strictObject({ shape: z.literal('square'), sideCm: side, heightCm: side }),
    z.strictObject({
      shape: z.literal('rectangle'),
      lengthCm: side,
      widthCm: side,
      heightCm: side,
    }),
    z.strictObject({
      shape: z.literal('ring'),
      diameterCm: side,
      innerDiameterCm: side,
      heightCm: side,
    }),
    z.strictObject({
      shape: z.literal('moulds'),
      count: z.int('Write the number of moulds as a whole number.').positive().max(1000),
      millilitresEach: z.number().positive('A mould holds more than nothing.').max(100_000),
    }),
  ])
  .meta({
    description: 'Inner measures, and the height it is filled to. Equal heights: by area alone.',
  });

/** What a batch that is missing or set by nothing known is answered with. */
export const BATCH_WANTED =
  'Set the batch by factor, pieces, portions, total, limit, eggs or pan, for example {"by": "pieces", "pieces": 18}.';

/** Every way but by a factor, which stands for itself. */
const WAYS = [
  z.strictObject({ by: z.literal('pieces'), pieces }).meta({ description: 'Of what it yields.' }),
  z
    .strictObject({ by: z.literal('portions'), pieces, gramsEach: grams })
    .meta({ description: 'So many pieces of so much dough each.' }),
  z
    .strictObject({ by: z.literal('total'), grams })
    .meta({ description: 'The dough as it goes into the oven.' }),
  z.strictObject({
    by: z.literal('limit'),
    limits: z
      .array(z.strictObject({ ingredientId, grams }))
      .min(1, 'Say what there is of at least one ingredient.')
      .max(MOST_LIMITS)
      .readonly(),
  }),
  z.strictObject({ by: z.literal('eggs'), eggs: pieces }),
  z.strictObject({ by: z.literal('pan'), from: pan, to: pan }),
] as const;

/** How the batch is set, in the terms that a baker thinks in. */
export const batchSetting = z.discriminatedUnion(
  'by',
  [z.strictObject({ by: z.literal('factor'), factor: factorText }), ...WAYS],
  { error: BATCH_WANTED },
);

const asked = z.discriminatedUnion('by', WAYS).optional().meta({
  description:
    'How the factor was set: by a pan, pieces, eggs, what there is. Shown again as it was set.',
});

/** A batch as it is sent with a recipe: an exact factor, and how it was asked for. */
export const batch = z.strictObject({ by: z.literal('factor'), factor: factorText, asked });

/** A batch as it is kept. */
export const keptBatch = z.strictObject({
  by: z.literal('factor'),
  factor: z.string().superRefine(isFactor),
  asked,
});
