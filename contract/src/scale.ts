import { z } from 'zod';
import { SCALE_STATES, SCALE_UNITS } from '@ypsigram/core/bench';
import { HEAVIEST_READING_GRAMS } from './limits.js';
import { form, ingredientId, method, nameText, positive } from './parts.js';

/** Which scale it is. */
export const scaleDescription = z.object({
  name: z.string(),
  gridGrams: z.number(),
  capacityGrams: z.number(),
  units: z.array(z.enum(SCALE_UNITS)),
  isSimulated: z.boolean(),
});

/** One reading of the stream. */
export const scaleReading = z.object({
  sequence: z.int().meta({ description: 'The id of the event; goes up by one.' }),
  state: z.enum(SCALE_STATES),
  unit: z.enum(SCALE_UNITS),
  shown: z.string(),
  grams: z.number().nullable(),
  isStable: z.boolean(),
  tareGrams: z.number().nullable(),
});

export const scaleState = z.object({ scale: scaleDescription, reading: scaleReading });

export const scaleCommand = z
  .discriminatedUnion('do', [
    z.strictObject({ do: z.literal('tare') }),
    z.strictObject({ do: z.literal('wake') }),
    z.strictObject({ do: z.literal('unit'), unit: z.enum(SCALE_UNITS) }),
  ])
  .meta({ description: 'What the buttons of a scale do.' });

/** What lies on the simulated scale. */
export const load = z.object({
  id: z.int(),
  name: z.string(),
  grams: z.number(),
  kind: z.enum(['container', 'ingredient']),
  ingredientId: ingredientId.nullable(),
});

const grams = positive(
  HEAVIEST_READING_GRAMS,
  'Write how many grams, more than nothing.',
  'That is more than any kitchen scale carries.',
);

export const simulationCommand = z
  .discriminatedUnion('do', [
    z.strictObject({ do: z.literal('use'), scale: z.string().max(40) }),
    z.strictObject({
      do: z.literal('put-container'),
      name: nameText(40, 'Name the container.'),
      grams,
    }),
    z.strictObject({ do: z.literal('put'), ingredientId: ingredientId.nullable(), grams }),
    z.strictObject({
      do: z.literal('pour'),
      ingredientId: ingredientId.nullable(),
      gramsPerSecond: positive(500, 'Write how fast it pours.', 'Nobody pours that fast.'),
    }),
    z.strictObject({ do: z.literal('stop-pouring') }),
    z.strictObject({
      do: z.literal('typical-fill'),
      handId: z.uuid().nullable(),
      ingredientId,
      form,
      method,
      tool: nameText(40, 'Say which tool is filled.'),
    }),
    z.strictObject({ do: z.literal('seed'), seed: z.int().min(0).max(4_294_967_295) }),
    z.strictObject({ do: z.literal('take-off'), id: z.int() }),
    z.strictObject({ do: z.literal('clear') }),
  ])
  .meta({ description: 'What a person does at the simulated scale.' });

export const simulationState = z.object({
  loads: z.array(load),
  seed: z.int(),
  fills: z.int().meta({ description: 'Typical fills drawn since the seed was set.' }),
  isPouring: z.boolean(),
  scale: scaleDescription,
});

export type ScaleDescriptionReply = z.infer<typeof scaleDescription>;
export type ScaleReadingReply = z.infer<typeof scaleReading>;
export type ScaleStateReply = z.infer<typeof scaleState>;
export type ScaleCommand = z.infer<typeof scaleCommand>;
export type SimulationCommand = z.infer<typeof simulationCommand>;
export type SimulationState = z.infer<typeof simulationState>;
