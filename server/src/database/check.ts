import { existsSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Database } from './database.js';
import { adviceOnDamage } from './copy-list.js';
import { ownCommand } from '../own-command.js';

/**
 * Looks at a file before it is opened. @throws Error with a sentence where it is there and empty, a
 * folder, or no database at all
 */
export function checkFile(file: string): void {
  if (!existsSync(file)) return;
  const found = statSync(file);
  const path = resolve(file);
  if (found.isDirectory())
    throw new Error(`${path} is a folder. DATABASE takes the path of a file.`);
  if (found.size === 0) {
    throw new Error(
      `The database ${path} was cut to nothing: it is empty. ${adviceOnDamage(file)}`,
    );
  }
}

/** Why a file could not be opened, in a sentence. */
export function openingTrouble(file: string, error: unknown): Error {
  const path = resolve(file);
  const {
    code,
    original,
    path: refused = path,
  } = error as { code?: string; original?: { code?: string }; path?: string };
  const reason = original?.code ?? code ?? '';
  if (reason === 'SQLITE_NOTADB' || reason === 'SQLITE_CORRUPT') {
    return new Error(`The database ${path} is damaged, or no database. ${adviceOnDamage(file)}`);
  }
  if (['EACCES', 'EPERM', 'EROFS', 'SQLITE_READONLY', 'SQLITE_CANTOPEN'].includes(reason)) {
    return new Error(
      // The file that was refused is named, which may be a copy, a picture or the lock.
      `${refused === path ? `The database ${path}` : refused} can’t be written to. Give this user the right to write to it and to its folder, or choose another file with DATABASE=…`,
    );
  }
  if (reason === 'ENOSPC' || reason === 'SQLITE_FULL') {
    return new Error(
      `There is no room on the disk for the database ${path}. Make room, then start again.`,
    );
  }
  if (reason === 'SQLITE_BUSY') {
    return new Error(
      `Another program holds the database ${path}. Close that program, then start again.`,
    );
  }
  return error instanceof Error ? error : new Error(String(error));
}

/**
 * Whether the file is shorter than its own head says: a last page that is cut is found by no other
 * check until somebody reads it. What the log that is written ahead holds is put in its place first.
 */
async function isCut(sequelize: Sequelize, file: string): Promise<boolean> {
  try {
    await sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)');
  } catch (error) {
    // A disk without room: the rest stays in the log, and the size of the file says nothing.
    if ((error as { original?: { code?: string } }).original?.code === 'SQLITE_FULL') return false;
    throw error;
  }
  const pragma = async (name: string): Promise<number> => {
    const [row] = await sequelize.query<Record<string, number>>(`PRAGMA ${name}`, {
      type: QueryTypes.SELECT,
    });
    return Object.values(row!)[0]!;
  };
  const pages = await pragma('page_count');
  return statSync(file).size < pages * (await pragma('page_size'));
}

/**
 * Looks at an open database before it is used. @throws Error with a sentence where its pages are
 * damaged, or where it was written by a newer version; `whole` looks at every entry of every index
 */
export async function checkDatabase(
  { sequelize, file }: Database,
  known: readonly string[],
  whole = false,
): Promise<void> {
  const path = resolve(file);
  const damaged = `The database ${path} is damaged. ${adviceOnDamage(file)}`;
  const check = whole ? 'integrity_check' : 'quick_check';
  let results: readonly Record<string, string>[];
  try {
    results = await sequelize.query(`PRAGMA ${check}`, { type: QueryTypes.SELECT });
  } catch {
    throw new Error(damaged);
  }
  if (Object.values(results[0] ?? {})[0] !== 'ok' || (await isCut(sequelize, file))) {
    throw new Error(damaged);
  }
  await checkVersion({ sequelize, file }, known);
}

/**
 * Looks only at whose database it is, which a server at work on it does not hinder. @throws Error with a
 * sentence where it is none of a kitchen, or was used by a newer version
 */
export async function checkVersion(
  { sequelize, file }: Pick<Database, 'sequelize' | 'file'>,
  known: readonly string[],
): Promise<void> {
  const path = resolve(file);
  const tables = await sequelize.query<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table'",
    { type: QueryTypes.SELECT },
  );
  const names = tables.map(({ name }) => name);
  if (names.length === 0) return;
  if (!names.includes('migrations')) {
    throw new Error(
      `The file ${path} is a database, but not one of a kitchen. Choose another with DATABASE=…`,
    );
  }
  const done = await sequelize.query<{ name: string }>('SELECT name FROM migrations', {
    type: QueryTypes.SELECT,
  });
  const newer = done.find(({ name }) => !known.includes(name));
  if (newer) {
    throw new Error(
      `The database ${path} was used by a newer version (${newer.name}). Start that version, or restore a copy from before: ${ownCommand('restore')}.`,
    );
  }
}
