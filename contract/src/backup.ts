import { z } from 'zod';
import { answers, lineAnswers } from './answers.js';
import { authorDraft } from './authors.js';
import { bakePlan } from './bakes/plan.js';
import { bake, bakeReading } from './bakes/bakes.js';
import { backupPhoto } from './log/photos.js';
import { timer } from './oven/timers.js';
import { practiceTry } from './practice/tries.js';
import { balance } from './balance.js';
import { kitchen } from './kitchen.js';
import { BACKUP_FORMAT, BACKUP_VERSION } from './limits.js';
import { keptBatch } from './batch.js';
import { instant, methods, newestRevision, recipeText, standard } from './parts.js';
import { recipePhotos } from './recipe-photos.js';
import { recipeVersion } from './recipes.js';
import { trial } from './trials.js';

/** When it was deleted; only a safety copy holds what is. */
const deletedAt = instant.nullable().exactOptional();

export const backupAuthor = authorDraft.extend({
  id: z.uuid(),
  revision: newestRevision,
  answers,
  deletedAt,
});

export const backupRecipe = z.strictObject({
  id: z.uuid(),
  title: z.string().min(1),
  text: recipeText,
  standard,
  authorId: z.uuid().nullable(),
  batch: keptBatch,
  methods,
  balance: balance.prefault({}),
  answers: lineAnswers,
  photos: recipePhotos.default([]),
  revision: newestRevision,
  createdAt: instant,
  updatedAt: instant,
  deletedAt,
  versions: z.array(recipeVersion),
});

export const backupTrial = trial.extend({ deletedAt });

/** Something done at a bake, as a backup holds it. */
export const backupReading = bakeReading
  .omit({ sequence: true, order: true })
  // One of before there was an order goes by its moment.
  .extend({ order: bakeReading.shape.order.exactOptional() });

export const backupBake = z.strictObject({
  ...bake.pick({ id: true, recipeId: true, recipeRevision: true, handId: true }).shape,
  begunAt: instant,
  plan: bakePlan,
  readings: z.array(backupReading).readonly(),
  deletedAt,
});

/** What a backup says of itself, before anything that is in it. */
export const backupHead = z.strictObject({
  format: z.literal(
    BACKUP_FORMAT,
    'This file is not a backup of a kitchen. To import recipes, use “Import recipes”.',
  ),
  version: z.literal(BACKUP_VERSION, {
    error: 'This backup was made by a newer version. Bring this one up to date first.',
  }),
  madeAt: instant,
});

/** Everything of a kitchen in one document. */
export const backup = backupHead.extend({
  kitchen,
  authors: z.array(backupAuthor),
  recipes: z.array(backupRecipe),
  trials: z.array(backupTrial),
  bakes: z.array(backupBake).default([]),
  photos: z.array(backupPhoto).default([]),
  tries: z.array(practiceTry).default([]),
  timers: z.array(timer).default([]),
  leftOut: z.array(z.string()).exactOptional().meta({
    description: 'What could not be taken when it was made: pictures that are damaged or gone.',
  }),
});

const counts = z.object({
  recipes: z.int(),
  authors: z.int(),
  trials: z.int(),
  bakes: z.int(),
  photos: z.int(),
  tries: z.int(),
  tools: z.int(),
});

/** How far a restore is that is under way. */
export const restoreProgress = z.object({
  percent: z.int().min(0).max(100).nullable().meta({ description: 'Null where none is.' }),
});

/** What a backup would have to leave out if it were made now. */
export const backupGaps = z.object({ leftOut: z.array(z.string()) });

/** What restoring did, or would do. */
export const restoreReply = z.object({
  madeAt: instant,
  coming: counts.meta({ description: 'What is in the backup.' }),
  going: counts.meta({ description: 'What is here now, and would be replaced.' }),
  notes: z.array(z.string()).meta({ description: 'What was mended in it, and what was left out.' }),
  safetyCopyId: z.uuid().nullable().meta({
    description: 'To take it back by: what was here before. Null for a dry run.',
  }),
});

export type Backup = z.infer<typeof backup>;
export type RestoreReply = z.infer<typeof restoreReply>;
export type RestoreProgress = z.infer<typeof restoreProgress>;
export type BackupGaps = z.infer<typeof backupGaps>;
