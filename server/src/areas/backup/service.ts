import type { Writable } from 'node:stream';
import type { BackupGaps, RestoreProgress, RestoreReply } from '@ypsigram/contract';
import { copiesFolder } from '../../database/copy-list.js';
import type { Database } from '../../database/database.js';
import { busyWriting } from '../../database/trouble.js';
import { notFound } from '../../http/problem.js';
import { loadBackup } from './load-backup.js';
import { LISTS, type BackupContext } from './parts.js';
import { checkRoom } from './room.js';
import { safetyCopies } from './safety-copies.js';
import { surveyBackup, type Counts } from './survey.js';
import { writeBackup } from './write-backup.js';

/** Everything of a kitchen out in one document, and in again: together or not at all. */
export interface BackupService {
  /** Writes everything as it is at one moment, whatever is written meanwhile. */
  write(sink: Writable): Promise<void>;
  /** What a backup made now would have to leave out. */
  gaps(): Promise<BackupGaps>;
  now(): Date;
  /** Puts what is sound of a backup in the place of what is here, and keeps a safety copy of that. */
  restore(file: string, dryRun: boolean): Promise<RestoreReply>;
  /** Restores a safety copy. @throws ProblemError 404 when there is none of that id. */
  undo(safetyCopyId: string): Promise<RestoreReply>;
  /** How far a restore is. */
  progress(): RestoreProgress;
}

export function backupService(database: Database, context: BackupContext): BackupService {
  const copies = safetyCopies(copiesFolder(database.file));
  const madeAt = (): string => context.now().toISOString();
  let percent: number | null = null;

  const countsHere = async (): Promise<Counts> => {
    const { recipes, authors, trials, bakes, photos, tries, kitchen } = context;
    return {
      recipes: await recipes.count(),
      authors: await authors.count(),
      trials: await trials.count(),
      bakes: await bakes.count(),
      photos: await photos.count(),
      tries: await tries.count(),
      tools: (await kitchen.read()).tools.length,
    };
  };

  const busy = (): string =>
    `A backup is being restored (${percent ?? 0} %). What you change meanwhile is not saved yet: try again in a moment.`;

  /** One at a time, from its first look on: another could take away the safety copy that it reads. */
  const alone = async <T>(work: () => Promise<T>): Promise<T> => {
    if (percent !== null) throw busyWriting(busy());
    percent = 0;
    try {
      return await work();
    } finally {
      percent = null;
    }
  };

  const restore = async (file: string): Promise<RestoreReply> => {
    const coming = await surveyBackup(file, (photo) => context.isSound(photo));
    await checkRoom(database.file, file);
    let safetyCopyId: string | null = null;
    try {
      const going = await database.writeAlone(busy, async () => {
        const here = await countsHere();
        const at = madeAt();
        safetyCopyId = await copies.make((sink) =>
          writeBackup(sink, context, { madeAt: at, withDeleted: true }),
        );
        for (const name of LISTS) await context[name].clear();
        await loadBackup(file, context, coming, (rows) => {
          percent = Math.floor((rows / coming.rows) * 100);
        });
        return here;
      });
      await copies.thin();
      const { counts, notes } = coming;
      return { madeAt: coming.madeAt, coming: counts, going, notes: [...notes], safetyCopyId };
    } catch (error) {
      if (safetyCopyId !== null) await copies.remove(safetyCopyId);
      throw error;
    }
  };

  return {
    now: context.now,

    write: (sink) =>
      database.snapshot(() => writeBackup(sink, context, { madeAt: madeAt(), withDeleted: false })),

    async gaps() {
      const leftOut: string[] = [];
      for (const name of LISTS) {
        const rows = context[name].dump(false, (what) => leftOut.push(what));
        const every = rows[Symbol.asyncIterator]();
        while (!(await every.next()).done);
      }
      return { leftOut };
    },

    async restore(file, dryRun) {
      if (!dryRun) return alone(() => restore(file));
      const {
        madeAt: at,
        counts,
        notes,
      } = await surveyBackup(file, (photo) => context.isSound(photo));
      const going = await countsHere();
      return { madeAt: at, coming: counts, going, notes: [...notes], safetyCopyId: null };
    },

    async undo(safetyCopyId) {
      return alone(async () => {
        const file = await copies.find(safetyCopyId);
        if (!file) throw notFound('There is no such safety copy. Only the last three are kept.');
        return restore(file);
      });
    },

    progress: () => ({ percent }),
  };
}
