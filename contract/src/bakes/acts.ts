import { z } from 'zod';
import { STAGES } from '@ypsigram/core/bench';
import { HEAVIEST_PACK_GRAMS } from '../limits.js';
import { instant, nameText } from '../parts.js';
import { bakeMeasure, benchRoute, bowl, lineId } from './plan.js';

const MOST_LINES_NAMED = 1000;

const line = lineId.meta({ description: 'The id of a line of the plan.' });
const tool = z.string().min(1).max(120);
const scale = nameText(40, 'Say which scale it was.').nullable();
const grams = z
  .number('Write the weight in grams.')
  .min(0, 'A weight is nothing or more.')
  .max(HEAVIEST_PACK_GRAMS, 'That is more than a kitchen scale carries.');
const lines = z.array(line).max(MOST_LINES_NAMED).readonly();

/** What a person can do; a new plan after a new text is made by the server alone. */
const PERSONAL = [
  z.strictObject({ do: z.literal('fill'), line, tool, grams: grams.nullable(), scale }),
  z.strictObject({
    do: z.literal('weigh'),
    line,
    route: benchRoute,
    grams,
    scale: scale.unwrap(),
  }),
  z.strictObject({ do: z.literal('finish'), line }),
  z.strictObject({ do: z.literal('empty'), line }),
  z.strictObject({ do: z.literal('route'), line, route: benchRoute }),
  z.strictObject({
    do: z.literal('arrange'),
    bowls: z.array(bowl).max(MOST_LINES_NAMED).readonly(),
  }),
  z.strictObject({
    do: z.literal('scale-rest'),
    line,
    times: z.number().gt(0).max(100).meta({ description: 'How many times everything else.' }),
    measures: z.record(lineId, bakeMeasure),
    stay: lines,
  }),
  z.strictObject({ do: z.literal('leave'), line }),
  z.strictObject({ do: z.literal('tonight'), lines, startAt: instant.nullable() }),
  z.strictObject({ do: z.literal('cover'), line, isCovered: z.boolean() }),
  z.strictObject({ do: z.literal('check'), line }),
  z.strictObject({ do: z.literal('dough'), grams }),
  z.strictObject({
    do: z.literal('divide'),
    pieces: z.int().positive().max(10_000).nullable(),
    gramsEach: z.number().positive().max(HEAVIEST_PACK_GRAMS).nullable(),
  }),
  z.strictObject({ do: z.literal('piece'), grams, scale }),
  z.strictObject({ do: z.literal('stage'), stage: z.enum(STAGES) }),
  z.strictObject({
    do: z.literal('undo'),
    reading: z.uuid().meta({ description: 'The reading that is taken back.' }),
  }),
] as const;

export const personalAct = z.discriminatedUnion('do', PERSONAL, {
  error: 'This is nothing that can be done at the bench.',
});
