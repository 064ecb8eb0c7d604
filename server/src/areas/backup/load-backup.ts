import { LISTS, type BackupContext, type ListName, type Rows } from './parts.js';
import { readBackup, type BackupRow } from './read-backup.js';
import type { Survey } from './survey.js';

/** Rows that are put in at once. */
const AT_ONCE = 100;
/** A photo is as large as a hundred bakes: none waits. */
const ROWS_AT_ONCE: Partial<Record<ListName, number>> = { photos: 1 };

/** Puts everything sound of a file in, a few rows at a time; tells how many it has put in. */
export async function loadBackup(
  file: string,
  context: BackupContext,
  { authorIds, unsoundPhotos }: Pick<Survey, 'authorIds' | 'unsoundPhotos'>,
  tell: (rows: number) => void,
): Promise<void> {
  const waiting: { [Name in ListName]: Rows[Name][] } = {
    authors: [],
    recipes: [],
    trials: [],
    bakes: [],
    photos: [],
    tries: [],
    timers: [],
  };
  const flush = async <Name extends ListName>(name: Name, fewest: number): Promise<void> => {
    const rows = waiting[name].splice(0, waiting[name].length >= fewest ? Infinity : 0);
    if (rows.length > 0) await (context[name] as { load(all: unknown): Promise<void> }).load(rows);
  };
  const mended = (row: BackupRow): BackupRow => {
    if (row.of !== 'recipes') return row;
    const { authorId } = row.value;
    const isKnown = authorId !== null && authorIds.has(authorId);
    return { of: 'recipes', value: { ...row.value, authorId: isKnown ? authorId : null } };
  };

  let rows = 0;
  for await (const piece of readBackup(file)) {
    if (piece.of === 'kitchen') await context.kitchen.load(piece.value);
    if (!isRow(piece)) continue;
    tell(++rows);
    if (piece.of === 'photos' && unsoundPhotos.has(piece.value.id)) continue;
    const row = mended(piece);
    (waiting[row.of] as unknown[]).push(row.value);
    await flush(row.of, ROWS_AT_ONCE[row.of] ?? AT_ONCE);
  }
  for (const name of LISTS) await flush(name, 1);
}

const isRow = (piece: { readonly of: string }): piece is BackupRow =>
  (LISTS as readonly string[]).includes(piece.of);
