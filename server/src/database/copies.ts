import { mkdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import sqlite3 from 'sqlite3';
import { copiesFolder, listCopies, type CopyKind } from './copy-list.js';
import type { Database } from './database.js';

/** As many daily copies stay, and as many from before a change of the database's shape. */
const MOST_OF_A_KIND = 7;
const DAY_MILLISECONDS = 24 * 60 * 60 * 1000;

/** Writes a copy of the database as it is now; the oldest of its kind go. */
export async function makeCopy(database: Database, kind: CopyKind, now: Date): Promise<void> {
  const folder = copiesFolder(database.file);
  mkdirSync(folder, { recursive: true });
  const moment = now.toISOString().slice(0, 19).replaceAll(':', '-');
  const number = Math.max(0, ...listCopies(database.file).map((copy) => copy.number)) + 1;
  const file = join(folder, `${kind}-${moment}Z-${number}.sqlite`);
  const part = `${file}.part`;
  rmSync(part, { force: true });
  // A copy that was written to its end, and no other, gets its name.
  await database.sequelize.query('VACUUM INTO :part', { replacements: { part } });
  await leaveOutNames(part);
  renameSync(part, file);
  const old = listCopies(database.file).filter((copy) => copy.kind === kind);
  for (const copy of old.slice(MOST_OF_A_KIND)) rmSync(copy.file, { force: true });
}

/** Tables that no copy holds: who removes a class has removed its names everywhere. */
const WITHOUT = ['class_results', 'classes'];

/** Takes them out of a copy, by a connection of its own: nothing that is here can be meant by it. */
function leaveOutNames(file: string): Promise<void> {
  return new Promise((done, fail) => {
    const copy = new sqlite3.Database(file, sqlite3.OPEN_READWRITE, (trouble) => {
      if (trouble) fail(trouble);
    });
    const end = (trouble: Error | null): void =>
      copy.close((closing) => {
        const wrong = trouble ?? closing;
        if (wrong) fail(wrong);
        else done();
      });
    const there = "SELECT name FROM sqlite_master WHERE type = 'table'";
    copy.all<{ name: string }>(there, (trouble, rows) => {
      if (trouble) return end(trouble);
      const tables = WITHOUT.filter((table) => rows.some(({ name }) => name === table));
      const deletions = tables.map((table) => `DELETE FROM ${table};`);
      copy.exec(`PRAGMA secure_delete = ON; ${deletions.join(' ')}`, end);
    });
  });
}

/**
 * Makes the copy of today where there is none of the last 24 hours; whether it did. A last one that
 * lies in the future was made by a clock that was wrong, and is none of today.
 */
export async function copyDaily(database: Database, now: Date): Promise<boolean> {
  const newest = listCopies(database.file).find(({ kind }) => kind === 'daily');
  const age = newest ? now.getTime() - newest.at.getTime() : DAY_MILLISECONDS;
  if (age >= 0 && age < DAY_MILLISECONDS) return false;
  await makeCopy(database, 'daily', now);
  return true;
}
