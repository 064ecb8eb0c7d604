import { readdir, stat, statfs } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { photosFolder } from '../../database/leftovers.js';
import { ProblemError } from '../../http/problem.js';

const MEGABYTE = 2 ** 20;
/** A picture in a text takes four characters for three bytes. */
const AS_TEXT = 4 / 3;
/** What comes in stands in the file, in its log and in the pictures for a while. */
const COMING_IN = 2;
const SPARE_BYTES = 4 * MEGABYTE;

const INSUFFICIENT_STORAGE = 507;

async function sizeOf(file: string): Promise<number> {
  try {
    return (await stat(file)).size;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return 0;
    throw error;
  }
}

async function sizeOfAll(folder: string): Promise<number> {
  let bytes = 0;
  try {
    for (const name of await readdir(folder)) bytes += await sizeOf(join(folder, name));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
  }
  return bytes;
}

/**
 * Sees to it that restoring a file will not fill the disk: the safety copy of what is here, and
 * what comes in. @throws ProblemError 507 that says how much is needed and how much there is
 */
export async function checkRoom(database: string, file: string): Promise<void> {
  const here = (await sizeOf(database)) + (await sizeOfAll(photosFolder(database))) * AS_TEXT;
  const needed = here + (await sizeOf(file)) * COMING_IN + SPARE_BYTES;
  const { bavail, bsize } = await statfs(dirname(database));
  const free = bavail * bsize;
  if (free >= needed) return;
  const [wants, has] = [needed, free].map((bytes) => Math.ceil(bytes / MEGABYTE));
  throw new ProblemError(
    INSUFFICIENT_STORAGE,
    `Restoring needs ${wants} MB on the disk, and ${has} MB are free: a copy of what is here now is kept too. Make room, then restore again. Nothing was changed.`,
  );
}
