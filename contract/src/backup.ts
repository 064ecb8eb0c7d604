import { z } from 'zod';
import { answers, lineAnswers } from './answers.js';
import { authorDraft } from './authors.js';
import { balance } from './balance.js';
import { kitchen } from './kitchen.js';
import { BACKUP_FORMAT, BACKUP_VERSION } from './limits.js';
import { instant, keptBatch, methods, newestRevision, recipeText, standard } from './parts.js';
import { recipeVersion } from './recipes.js';
import { trial } from './trials.js';

const author = authorDraft.extend({ id: z.uuid(), revision: newestRevision, answers });

const recipe = z.strictObject({
  id: z.uuid(),
  title: z.string().min(1),
  text: recipeText,
  standard,
  authorId: z.uuid().nullable(),
  batch: keptBatch,
  methods,
  balance: balance.prefault({}),
  answers: lineAnswers,
  revision: newestRevision,
  createdAt: instant,
  updatedAt: instant,
  versions: z.array(recipeVersion),
});

const oneOfAnId = <T extends { id: string }>(list: readonly T[]): boolean =>
  new Set(list.map(({ id }) => id)).size === list.length;
const TWICE = { error: 'Something is in this backup twice.' };

/** Everything of a kitchen in one document. */
export const backup = z
  .strictObject({
    format: z.literal(BACKUP_FORMAT, 'This is no backup of a kitchen.'),
    version: z.literal(BACKUP_VERSION, {
      error: 'This backup was made by a newer version. Bring this one up to date first.',
    }),
    madeAt: instant,
    kitchen,
    authors: z.array(author).refine(oneOfAnId, TWICE),
    recipes: z.array(recipe).refine(oneOfAnId, TWICE),
    trials: z.array(trial).refine(oneOfAnId, TWICE),
  })
  .refine(
    ({ recipes, authors }) => {
      const known = new Set(authors.map(({ id }) => id));
      return recipes.every(({ authorId }) => authorId === null || known.has(authorId));
    },
    { error: 'A recipe belongs to an author who is not in this backup.', path: ['recipes'] },
  );

const counts = z.object({
  recipes: z.int(),
  authors: z.int(),
  trials: z.int(),
  tools: z.int(),
});

/** What restoring did, or would do. */
export const restoreReply = z.object({
  madeAt: instant,
  coming: counts.meta({ description: 'What is in the backup.' }),
  going: counts.meta({ description: 'What is here now, and would be replaced.' }),
  safetyCopyId: z.uuid().nullable().meta({
    description: 'To take it back by: what was here before. Null for a dry run.',
  }),
});

export type Backup = z.infer<typeof backup>;
export type RestoreReply = z.infer<typeof restoreReply>;
