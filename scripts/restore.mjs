// Puts a copy of the database in the place of the database. Stop the server first.
import { createInterface } from 'node:readline/promises';
import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import { resolve } from 'node:path';
import { build, install, root } from './prepare.mjs';

process.chdir(root);
install();
build();
const { listCopies } = await import('../server/dist/database/copy-list.js');
const { lockDatabase } = await import('../server/dist/database/lock.js');
const { readSettings } = await import('../server/dist/settings.js');

const { database } = readSettings(process.env);
const copies = listCopies(database);
if (copies.length === 0) {
  console.error(`There are no copies of ${resolve(database)}.`);
  process.exit(1);
}
copies.forEach(({ name, at, kind }, index) => {
  const why = kind === 'daily' ? 'daily copy' : 'before an update';
  console.log(`${index + 1}  ${at.toLocaleString()}  ${why}  ${name}`);
});

/** By its number or its name, in the command line or asked for. */
async function choose() {
  const [given] = process.argv.slice(2);
  if (given !== undefined) return given;
  if (!process.stdin.isTTY) {
    console.error('Say which: npm run restore -- 1');
    process.exit(1);
  }
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question('Which one? ');
  ask.close();
  return answer.trim();
}

/** Whoever works on the database has to stop first. */
async function hold() {
  try {
    return await lockDatabase(database);
  } catch (error) {
    console.error(error.message);
    process.exit(1);
  }
}

const chosen = await choose();
const copy = copies.find(({ name }, index) => name === chosen || String(index + 1) === chosen);
if (!copy) {
  console.error(`There is no copy “${chosen}”. Say a number from 1 to ${copies.length}.`);
  process.exit(1);
}
// As long as it is held here, no server works on it.
const lock = await hold();
// What is there now is put aside, not thrown away.
const aside = `${database}.before-restore-${new Date().toISOString().slice(0, 19).replaceAll(':', '-')}`;
for (const part of ['', '-wal', '-shm']) {
  if (existsSync(database + part)) renameSync(database + part, aside + part);
}
rmSync(`${database}.part`, { force: true });
copyFileSync(copy.file, `${database}.part`);
renameSync(`${database}.part`, database);
await lock.release();
console.log(`Restored ${copy.name}. What was there before is at ${resolve(aside)}.`);
console.log('Start the server again: npm start');
