import { mkdirSync, readFileSync, realpathSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import sqlite3 from 'sqlite3';
import { z } from 'zod';

/** Who works on a database, as the file beside it tells. */
const holder = z.object({ pid: z.number(), address: z.string(), since: z.string() });

/** One server for each database: as long as this is held, no other process works on its file. */
export interface DatabaseLock {
  /** Leaves a note of where this server is found, for whoever else wants the database. */
  tellAddress(address: string): void;
  release(): Promise<void>;
}

/** The same for every way that leads to the file. */
function lockFileOf(database: string): string {
  const folder = dirname(resolve(database));
  mkdirSync(folder, { recursive: true });
  let real: string;
  try {
    real = realpathSync(database);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    real = join(realpathSync(folder), basename(database));
  }
  return `${real}-lock`;
}

/** Who holds it, as far as it says. */
function heldBy(note: string): string {
  try {
    const { pid, address, since } = holder.parse(JSON.parse(readFileSync(note, 'utf8')));
    return `a server at ${address} (process ${pid}, since ${since})`;
  } catch {
    // It has just begun and has left no note yet, or one that can't be read.
    return 'another process, which says nothing of itself yet';
  }
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

/**
 * Takes a database for this process alone, before anything of it is read or written. The system
 * itself lets go when the process ends, however it ends.
 * @throws Error in a sentence that says who has it
 */
export async function lockDatabase(database: string): Promise<DatabaseLock> {
  const file = lockFileOf(database);
  const note = `${file}.json`;
  const lock = await open(file);
  try {
    // Nothing is ever written to it: no journal is wanted beside it either.
    await run(lock, 'PRAGMA journal_mode = MEMORY; BEGIN EXCLUSIVE');
  } catch (error) {
    await close(lock);
    if ((error as { code?: string }).code !== 'SQLITE_BUSY') throw error;
    throw new Error(
      `The kitchen ${resolve(database)} is in use by ${heldBy(note)}. Use that one, or stop it first. Nothing was changed.`,
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
