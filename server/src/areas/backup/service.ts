import type { Writable } from 'node:stream';
import type { RestoreReply } from '@ypsigram/contract';
import { copiesFolder } from '../../database/copies.js';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import type { Database } from '../../database/database.js';
import { notFound } from '../../http/problem.js';
import type {
  BackupAuthor,
  BackupBake,
  BackupContext,
  BackupPhoto,
  BackupRecipe,
  BackupTrial,
} from './parts.js';
import { readBackup } from './read-backup.js';
import { safetyCopies } from './safety-copies.js';
import { writeBackup } from './write-backup.js';

/** Everything of a kitchen out in one document, and in again: whole or not at all. */
export interface BackupService {
  /** Writes everything as it is at one moment, whatever is written meanwhile. */
  write(sink: Writable): Promise<void>;
  now(): Date;
  /** Puts the backup of a file in the place of what is here, and keeps a safety copy of that. */
  restore(file: string, dryRun: boolean): Promise<RestoreReply>;
  /** Restores a safety copy. @throws ProblemError 404 when there is none of that id. */
  undo(safetyCopyId: string): Promise<RestoreReply>;
}

type Counts = RestoreReply['coming'];

/** What a backup holds, once all of it was looked at. */
interface Survey {
  readonly madeAt: string;
  readonly counts: Counts;
  readonly authorIds: ReadonlySet<string>;
  /** What has to be mended, in sentences. */
  readonly notes: readonly string[];
}

/** Rows that are put in at once. */
const AT_ONCE = 100;

const inPlural = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** Reads all of a backup, and changes nothing. @throws ProblemError 400 where anything is wrong */
async function survey(file: string): Promise<Survey> {
  const counts = { recipes: 0, authors: 0, trials: 0, bakes: 0, photos: 0, tries: 0, tools: 0 };
  const authorIds = new Set<string>();
  const byAuthors: string[] = [];
  let madeAt = '';
  for await (const piece of readBackup(file)) {
    if (piece.of === 'head') madeAt = piece.value.madeAt;
    else if (piece.of === 'kitchen') counts.tools = piece.value.tools.length;
    else if (piece.of === 'photos' || piece.of === 'tries' || !piece.value.deletedAt)
      counts[piece.of]++;
    if (piece.of === 'authors') authorIds.add(piece.value.id);
    if (piece.of === 'recipes' && piece.value.authorId) byAuthors.push(piece.value.authorId);
  }
  const orphans = byAuthors.filter((id) => !authorIds.has(id)).length;
  const notes =
    orphans === 0
      ? []
      : [
          `${inPlural(orphans, 'recipe belongs', 'recipes belong')} to an author who is not in this backup, and will have no author.`,
        ];
  return { madeAt, counts, authorIds, notes };
}

export function backupService(database: Database, context: BackupContext): BackupService {
  const { kitchen, authors, recipes, trials, bakes, photos, tries } = context;
  const copies = safetyCopies(copiesFolder(database.file));
  const madeAt = (): string => context.now().toISOString();

  const countsHere = async (): Promise<Counts> => ({
    recipes: await recipes.count(),
    authors: await authors.count(),
    trials: await trials.count(),
    bakes: await bakes.count(),
    photos: await photos.count(),
    tries: await tries.count(),
    tools: (await kitchen.read()).tools.length,
  });

  /** Puts everything of a file in, a few rows at a time. */
  const load = async (file: string, authorIds: ReadonlySet<string>): Promise<void> => {
    const waiting = {
      authors: [] as BackupAuthor[],
      recipes: [] as BackupRecipe[],
      trials: [] as BackupTrial[],
      bakes: [] as BackupBake[],
      photos: [] as BackupPhoto[],
      tries: [] as PracticeTryRecord[],
    };
    const flush = async (fewest: number): Promise<void> => {
      if (waiting.authors.length >= fewest) await authors.load(waiting.authors.splice(0));
      if (waiting.recipes.length >= fewest) await recipes.load(waiting.recipes.splice(0));
      if (waiting.trials.length >= fewest) await trials.load(waiting.trials.splice(0));
      if (waiting.bakes.length >= fewest) await bakes.load(waiting.bakes.splice(0));
      if (waiting.tries.length >= fewest) await tries.load(waiting.tries.splice(0));
      // A photo is as large as a hundred bakes: none waits.
      if (waiting.photos.length > 0) await photos.load(waiting.photos.splice(0));
    };
    for await (const piece of readBackup(file)) {
      if (piece.of === 'kitchen') await kitchen.load(piece.value);
      if (piece.of === 'authors') waiting.authors.push(piece.value);
      if (piece.of === 'trials') waiting.trials.push(piece.value);
      if (piece.of === 'bakes') waiting.bakes.push(piece.value);
      if (piece.of === 'tries') waiting.tries.push(piece.value);
      if (piece.of === 'photos') waiting.photos.push(piece.value);
      if (piece.of === 'recipes') {
        const { authorId } = piece.value;
        const isKnown = authorId !== null && authorIds.has(authorId);
        waiting.recipes.push({ ...piece.value, authorId: isKnown ? authorId : null });
      }
      await flush(AT_ONCE);
    }
    await flush(1);
  };

  const restore = async (file: string): Promise<RestoreReply> => {
    const coming = await survey(file);
    let safetyCopyId: string | null = null;
    try {
      const going = await database.write(async () => {
        const here = await countsHere();
        const at = madeAt();
        safetyCopyId = await copies.make((sink) =>
          writeBackup(sink, context, { madeAt: at, withDeleted: true }),
        );
        for (const part of [recipes, authors, trials, bakes, photos, tries]) await part.clear();
        await load(file, coming.authorIds);
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

    async restore(file, dryRun) {
      if (!dryRun) return restore(file);
      const { madeAt: at, counts, notes } = await survey(file);
      const going = await countsHere();
      return { madeAt: at, coming: counts, going, notes: [...notes], safetyCopyId: null };
    },

    async undo(safetyCopyId) {
      const file = await copies.find(safetyCopyId);
      if (!file) throw notFound('There is no such safety copy. Only the last three are kept.');
      return restore(file);
    },
  };
}
