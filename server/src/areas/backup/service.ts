import { randomUUID } from 'node:crypto';
import type { Sequelize, Transaction } from 'sequelize';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type Backup,
  type Kitchen,
  type RestoreReply,
  type TrialRecord,
} from '@ypsigram/contract';
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
  load(all: T, transaction: Transaction): Promise<void>;
}

/** What the area needs from elsewhere. */
export interface Surroundings {
  now(): Date;
  kitchen: Part<Kitchen>;
  authors: Part<Backup['authors']>;
  recipes: Part<Backup['recipes']>;
  trials: Part<TrialRecord[]>;
  /** What was worked out before holds no longer. */
  forget(): void;
}

/** As many safety copies are kept. */
const MOST_COPIES = 3;

const countsOf = ({ recipes, authors, trials, kitchen }: Backup): RestoreReply['going'] => ({
  recipes: recipes.length,
  authors: authors.length,
  trials: trials.length,
  tools: kitchen.tools.length,
});

export function backupService(sequelize: Sequelize, around: Surroundings): BackupService {
  const rows = safetyCopyModel(sequelize);

  const make = async (): Promise<Backup> => ({
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt: around.now().toISOString(),
    kitchen: await around.kitchen.dump(),
    authors: await around.authors.dump(),
    recipes: await around.recipes.dump(),
    trials: await around.trials.dump(),
  });

  const restore = async (backup: Backup, dryRun: boolean): Promise<RestoreReply> => {
    const before = await make();
    const reply = { madeAt: backup.madeAt, coming: countsOf(backup), going: countsOf(before) };
    if (dryRun) return { ...reply, safetyCopyId: null };
    const safetyCopyId = randomUUID();
    await sequelize.transaction(async (transaction) => {
      await rows.create({ id: safetyCopyId, at: before.madeAt, document: before }, { transaction });
      await around.kitchen.load(backup.kitchen, transaction);
      await around.authors.load(backup.authors, transaction);
      await around.recipes.load(backup.recipes, transaction);
      await around.trials.load(backup.trials, transaction);
      const old = await rows.findAll({ order: [['at', 'DESC']], offset: MOST_COPIES, transaction });
      for (const row of old) await row.destroy({ transaction });
    });
    around.forget();
    return { ...reply, safetyCopyId };
  };

  return {
    make,
    restore,
    async undo(safetyCopyId) {
      const row = await rows.findOne({ where: { id: safetyCopyId } });
      if (!row) throw notFound('There is no such safety copy. Only the last three are kept.');
      return restore(row.document, false);
    },
  };
}
