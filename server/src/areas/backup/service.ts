import { randomUUID } from 'node:crypto';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type Backup,
  type Kitchen,
  type RestoreReply,
  type TrialRecord,
} from '@ypsigram/contract';
import type { Database } from '../../database/database.js';
import { notFound } from '../../http/problem.js';
import { safetyCopyModel } from './model.js';

/** Everything of a kitchen out in one document, and in again: whole or not at all. */
export interface BackupService {
  make(): Promise<Backup>;
  /** Puts a backup in the place of what is here, and keeps a safety copy of that. */
  restore(backup: Backup, dryRun: boolean): Promise<RestoreReply>;
  /** Restores a safety copy. @throws ProblemError 404 when there is none of that id. */
  undo(safetyCopyId: string): Promise<RestoreReply>;
}

/** A part of the kitchen that can be taken out whole and put in whole. */
interface Part<T> {
  dump(): Promise<T>;
  load(all: T): Promise<void>;
}

/** What the area needs of the others. */
export interface BackupContext {
  now(): Date;
  kitchen: Part<Kitchen>;
  authors: Part<Backup['authors']>;
  recipes: Part<Backup['recipes']>;
  trials: Part<TrialRecord[]>;
}

/** As many safety copies are kept. */
const MOST_COPIES = 3;

const countsOf = ({ recipes, authors, trials, kitchen }: Backup): RestoreReply['going'] => ({
  recipes: recipes.length,
  authors: authors.length,
  trials: trials.length,
  tools: kitchen.tools.length,
});

export function backupService(database: Database, context: BackupContext): BackupService {
  const rows = safetyCopyModel(database.sequelize);
  const { kitchen, authors, recipes, trials } = context;

  /** All of it as it is at one moment, whatever is written meanwhile. */
  const make = (): Promise<Backup> =>
    database.snapshot(async () => ({
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      madeAt: context.now().toISOString(),
      kitchen: await kitchen.dump(),
      authors: await authors.dump(),
      recipes: await recipes.dump(),
      trials: await trials.dump(),
    }));

  const preview = async (backup: Backup): Promise<RestoreReply> => ({
    madeAt: backup.madeAt,
    coming: countsOf(backup),
    going: countsOf(await make()),
    safetyCopyId: null,
  });

  const restore = (backup: Backup): Promise<RestoreReply> =>
    database.write(async () => {
      const before = await make();
      const safetyCopyId = randomUUID();
      await rows.create({ id: safetyCopyId, at: before.madeAt, document: before });
      await kitchen.load(backup.kitchen);
      await authors.load(backup.authors);
      await recipes.load(backup.recipes);
      await trials.load(backup.trials);
      const old = await rows.findAll({ order: [['at', 'DESC']], offset: MOST_COPIES });
      for (const row of old) await row.destroy();
      return {
        madeAt: backup.madeAt,
        coming: countsOf(backup),
        going: countsOf(before),
        safetyCopyId,
      };
    });

  return {
    make,
    restore: (backup, dryRun) => (dryRun ? preview(backup) : restore(backup)),
    undo: (safetyCopyId) =>
      database.write(async () => {
        const row = await rows.findOne({ where: { id: safetyCopyId } });
        if (!row) throw notFound('There is no such safety copy. Only the last three are kept.');
        return restore(row.document);
      }),
  };
}
