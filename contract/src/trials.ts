import { z } from 'zod';
import { VERDICTS } from '@ypsigram/core/calibration';
import { HEAVIEST_READING_GRAMS } from './limits.js';
import {
  form,
  ingredientId,
  instant,
  method,
  nameText,
  newestRevision,
  positive,
} from './parts.js';

const LARGEST_MILLILITRES = 10_000;

/** What a baker says of a trial. */
const said = {
  handId: z.uuid(),
  ingredientId,
  form,
  method,
  tool: nameText(40, 'Say which tool was filled.'),
  millilitres: positive(
    LARGEST_MILLILITRES,
    'Write what the tool holds, in millilitres.',
    'That is larger than any kitchen tool.',
  ).meta({ description: 'What the tool was taken to hold.' }),
  grams: positive(
    HEAVIEST_READING_GRAMS,
    'Write the weight in grams, more than nothing.',
    'That is more than a kitchen scale carries.',
  ),
  at: instant,
  source: z.enum(['scale', 'typed']),
  conditions: z
    .string()
    .trim()
    .max(120, 'Conditions can have at most 120 characters.')
    .default('')
    .meta({ description: '“damp day”, “freshly milled”.' }),
  verdict: z.enum(VERDICTS).nullable().default(null).meta({
    description: 'What the baker decided about a trial that was doubted.',
  }),
};

export const trialDraft = z.strictObject(said);

export const trialReplacement = z.strictObject({ ...said, revision: newestRevision });

export const trial = z.object({
  ...said,
  id: z.uuid(),
  revision: newestRevision,
  importId: z.uuid().nullable(),
});

export const trialQuery = z.object({
  handId: z.uuid().optional(),
  ingredientId: ingredientId.optional(),
});

export const trialList = z.object({ items: z.array(trial) });

/** What an import of a table did, or would do. */
export const importReply = z.object({
  ready: z.int().meta({ description: 'Rows that can be, or were, imported.' }),
  known: z.int().meta({ description: 'Rows that are here already, and were passed over.' }),
  problems: z.array(z.object({ row: z.int().nullable(), message: z.string() })),
  importId: z.uuid().nullable().meta({
    description: 'To take it back by; null for a dry run, or when nothing was imported.',
  }),
});

export const importQuery = z.object({
  dryRun: z.enum(['0', '1']).default('0').meta({ description: '1 only previews the import.' }),
});

export type TrialDraft = z.input<typeof trialDraft>;
export type TrialReplacement = z.input<typeof trialReplacement>;
export type TrialRecord = z.infer<typeof trial>;
export type ImportReply = z.infer<typeof importReply>;
