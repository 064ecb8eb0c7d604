import { z } from 'zod';
import { TOOL_UNITS } from '@ypsigram/core/drawer';
import { DIALS, FILL_KINDS } from '@ypsigram/core/fills';

const LONGEST_NAME = 120;
const name = z.string().min(1).max(LONGEST_NAME);
/** An exact fraction as core writes it: "27", "1/2", "1 1/4". */
export const fraction = z.string().regex(/^\d+(?: \d+)?(?:\/[1-9]\d*)?$/);

/** A tool to fill, and how often; or what is counted. */
export const plannedFill = z.object({
  tool: name.meta({ description: 'What acts know it by. It tells nothing.' }),
  count: z.number().positive(),
  kind: z.enum(FILL_KINDS),
  name: name.nullable().meta({
    description:
      'What its owner calls it, the jug of a mark, the noun of what is counted; null for a plain size.',
  }),
  nominal: fraction.meta({ description: 'Its size in the unit. Of what is halved, the whole.' }),
  unit: z.enum([...TOOL_UNITS, 'each']),
  millilitres: z.number().nullable().meta({ description: 'What one fill holds.' }),
  size: z.enum(['cup', 'tbsp', 'tsp']).nullable().meta({
    description: 'The size of measure that its weight and scatter go by.',
  }),
  of: name.exactOptional().meta({ description: 'The egg that is beaten to be filled in.' }),
  halfOf: name.exactOptional().meta({
    description: 'The spoon that is levelled and halved, where it is.',
  }),
});

/** A weight as its scale can show it. */
export const gridWeight = z.object({
  grams: z.number().min(0).meta({ description: 'A whole number of steps.' }),
  grid: z.number().meta({ description: 'The step of the scale, in grams.' }),
  dial: z.enum(DIALS).meta({
    description: 'What the scale shows: grams, pounds and ounces, or the notches of a beam.',
  }),
  isUnderStep: z.boolean().meta({ description: 'Less than half a step: the scale shows nothing.' }),
  onScale: z.number().min(0).meta({
    description: 'What the scale carries, in grams; more than `grams` where it is a premix.',
  }),
});

/** A sentence beside its codes, in the language that was asked for. */
export const shown = z.string().meta({ description: 'In words, as a baker says it.' });
