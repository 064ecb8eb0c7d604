import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { copiesFolder } from './copy-list.js';

/** Where a backup waits that is being taken in. */
export const comingFolder = (database: string): string => `${database}-coming`;

/** Where the pictures of a kitchen lie. */
export const photosFolder = (database: string): string => `${database}-photos`;

/** What is written under another name first has this one: under it nothing is whole. */
const UNFINISHED = /\.part(?:-journal)?$/;

/**
 * Removes what a process that was killed left half written beside its database. Only whoever holds
 * the database may: elsewhere it is still being written.
 */
export function sweepLeftovers(database: string): void {
  rmSync(comingFolder(database), { recursive: true, force: true });
  rmSync(`${database}.part`, { force: true });
  for (const folder of [copiesFolder(database), photosFolder(database)]) {
    for (const name of namesIn(folder)) {
      if (UNFINISHED.test(name)) rmSync(join(folder, name), { force: true });
    }
  }
}

function namesIn(folder: string): readonly string[] {
  try {
    return readdirSync(folder);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return [];
    throw error;
  }
}
