import { existsSync, mkdirSync, readFileSync, realpathSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import sqlite3 from 'sqlite3';
import { z } from 'zod';

const holder = z.object({ pid: z.number(), address: z.string(), since: z.string() });
/** Who works on a database, as the file beside it tells. */
export type Holder = z.infer<typeof holder>;

/** One server for each database: as long as this is held, no other process works on its file. */
export interface DatabaseLock {
  /** Leaves a note of where this server is found, for whoever else wants the database. */
  tellAddress(address: string): void;
  release(): Promise<void>;
}

/** The same for every way that leads to the file. */
function lockFileOf(database: string): string {
  const folder = dirname(resolve(database));
  const beside = join(realPathOf(folder) ?? folder, basename(database));
  return `${realPathOf(database) ?? beside}-lock`;
}

/** Where a file or folder really is; null where there is none. */
function realPathOf(path: string): string | null {
  try {
    return realpathSync(path);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    return null;
  }
}

const noteOf = (file: string): string => `${file}.json`;

/** Who holds a database, as far as it says; null where it has left no note yet, or none to be read. */
export function heldBy(database: string): Holder | null {
  try {
    return holder.parse(JSON.parse(readFileSync(noteOf(lockFileOf(database)), 'utf8')));
  } catch {
    return null;
  }
}

function holderText(database: string): string {
  const found = heldBy(database);
  if (!found) return 'another process, which says nothing of itself yet';
  return `a server at ${found.address} (process ${found.pid}, since ${found.since})`;
}

const open = (file: string): Promise<sqlite3.Database> =>
  new Promise((done, fail) => {
    const lock = new sqlite3.Database(file, (trouble) => (trouble ? fail(trouble) : done(lock)));
  });

const close = (lock: sqlite3.Database): Promise<void> =>
  new Promise((done, fail) => lock.close((trouble) => (trouble ? fail(trouble) : done())));

const run = (lock: sqlite3.Database, statement: string): Promise<void> =>
  new Promise((done, fail) =>
    lock.exec(statement, (trouble) => (trouble ? fail(trouble) : done())),
  );

/** Whether a server works on a database now. Takes nothing for longer than the look lasts. */
export async function isHeld(database: string): Promise<boolean> {
  const file = lockFileOf(database);
  if (!existsSync(file)) return false;
  const lock = await open(file);
  try {
    lock.configure('busyTimeout', 0);
    await run(lock, 'SELECT count(*) FROM sqlite_master');
    return false;
  } catch (error) {
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    return true;
  } finally {
    await close(lock);
  }
}

/**
 * Takes a database for this process alone, before anything of it is read or written. The system
 * itself lets go when the process ends, however it ends.
 * @throws Error in a sentence that says who has it
 */
export async function lockDatabase(database: string): Promise<DatabaseLock> {
  mkdirSync(dirname(resolve(database)), { recursive: true });
  const file = lockFileOf(database);
  const note = noteOf(file);
  const lock = await open(file);
  try {
    // Nothing is ever written to it: no journal is wanted beside it either.
    await run(lock, 'PRAGMA journal_mode = MEMORY; BEGIN EXCLUSIVE');
  } catch (error) {
    await close(lock);
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new Error(
      `The kitchen ${resolve(database)} is in use by ${holderText(database)}. Use that one, or stop it first. Nothing was changed.`,
    );
  }
  rmSync(note, { force: true });
  return {
    tellAddress(address) {
      const since = new Date().toISOString();
      try {
        writeFileSync(note, JSON.stringify({ pid: process.pid, address, since }));
      } catch (error) {
        // On a full disk what was saved can still be read: only the note is missing.
        console.error(`Where this server is found could not be noted: ${(error as Error).message}`);
      }
    },
    async release() {
      rmSync(note, { force: true });
      await close(lock);
    },
  };
}
