import type { RestoreReply } from '@ypsigram/contract';
import { LeftOut, inPlural } from './left-out.js';
import type { BackupPhoto } from './parts.js';
import { readBackup, type BackupRow } from './read-backup.js';

export type Counts = RestoreReply['coming'];

/** What a backup holds, once all of it was looked at. */
export interface Survey {
  readonly madeAt: string;
  readonly counts: Counts;
  readonly authorIds: ReadonlySet<string>;
  /** Photos whose pictures can't be taken. */
  readonly unsoundPhotos: ReadonlySet<string>;
  /** Pieces that will be put in. */
  readonly rows: number;
  /** What has to be mended or left out, in sentences. */
  readonly notes: readonly string[];
}

const CUT =
  'This file breaks off before its end: what stood after that is missing. If you have another copy of it, take that one.';

/**
 * Reads all of a backup, and changes nothing: what it finds is what restoring will do.
 * @throws ProblemError 400 where it is no backup
 */
export async function surveyBackup(
  file: string,
  isSound: (photo: BackupPhoto) => Promise<boolean>,
): Promise<Survey> {
  const counts = { recipes: 0, authors: 0, trials: 0, bakes: 0, photos: 0, tries: 0, tools: 0 };
  const authorIds = new Set<string>();
  const unsoundPhotos = new Set<string>();
  const byAuthors: string[] = [];
  const leftOut = new LeftOut();
  const notes: string[] = [];
  let madeAt = '';
  let rows = 0;

  const note = async (row: BackupRow): Promise<void> => {
    rows++;
    if (row.of === 'photos' && !(await isSound(row.value))) {
      unsoundPhotos.add(row.value.id);
      leftOut.row('photos', row.value.id, 'its picture is damaged');
      return;
    }
    if (row.of === 'authors') authorIds.add(row.value.id);
    if (row.of === 'recipes' && row.value.authorId) byAuthors.push(row.value.authorId);
    const isDeleted = 'deletedAt' in row.value && Boolean(row.value.deletedAt);
    if (row.of !== 'timers' && !isDeleted) counts[row.of]++;
  };

  for await (const piece of readBackup(file)) {
    if (piece.of === 'head') madeAt = piece.value.madeAt;
    else if (piece.of === 'kitchen') counts.tools = piece.value.tools.length;
    else if (piece.of === 'unsound') leftOut.row(piece.list, piece.which, piece.why);
    else if (piece.of === 'unsound-reading') leftOut.reading(piece.bake);
    else if (piece.of === 'gaps') notes.push(...piece.value);
    else if (piece.of === 'cut') notes.unshift(CUT);
    else await note(piece);
  }
  const orphans = byAuthors.filter((id) => !authorIds.has(id)).length;
  if (orphans > 0) {
    notes.push(
      `${inPlural(orphans, 'recipe belongs', 'recipes belong')} to an author who is not in this backup, and will have no author.`,
    );
  }
  return {
    madeAt,
    counts,
    authorIds,
    unsoundPhotos,
    rows,
    notes: [...notes, ...leftOut.sentences()],
  };
}
