import { copyFileSync, existsSync, openAsBlob, renameSync, rmSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { restoreReply } from '@ypsigram/contract';
import { inPlural } from '../areas/backup/left-out.js';
import { listCopies, type Copy } from '../database/copy-list.js';
import { lockDatabase } from '../database/lock.js';
import { ownCommand } from '../own-command.js';
import { askServer } from './ask-server.js';
import { kitchenFile, makeHome, type WhichKitchen } from './kitchen-files.js';
import { withServer } from './running.js';

const KINDS: Readonly<Record<Copy['kind'], string>> = {
  daily: 'daily copy',
  'before-update': 'before an update',
};

/**
 * Puts a backup file, or one of the copies that are made by themselves, in the place of a kitchen.
 * @param what a file, the name of a copy, or its number in the list; asked for where it is missing
 */
export async function restore(what: string | undefined, which: WhichKitchen): Promise<number> {
  const kitchen = kitchenFile(which);
  if (what !== undefined && existsSync(what) && statSync(what).isFile()) {
    return restoreBackup(resolve(what), kitchen);
  }
  const copies = listCopies(kitchen);
  if (copies.length === 0) {
    throw new Error(
      what === undefined
        ? `There are no copies of ${kitchen}. Name a backup file: ${ownCommand('restore')} FILE`
        : `There is no file ${resolve(what)}, and there are no copies of ${kitchen}.`,
    );
  }
  copies.forEach(({ name, at, kind }, index) => {
    console.log(`${index + 1}  ${at.toLocaleString()}  ${KINDS[kind]}  ${name}`);
  });
  const chosen = what ?? (await askWhich());
  const copy = copies.find(({ name }, index) => name === chosen || String(index + 1) === chosen);
  if (!copy) {
    throw new Error(`There is no copy “${chosen}”. Say a number from 1 to ${copies.length}.`);
  }
  const aside = await putBack(copy, kitchen);
  console.log(`Restored ${copy.name}. What was there before is at ${aside}.`);
  console.log(`Start the server again: ${ownCommand(which.demo ? 'demo' : 'start')}`);
  return 0;
}

async function askWhich(): Promise<string> {
  if (!process.stdin.isTTY) throw new Error(`Say which: ${ownCommand('restore')} 1`);
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question('Which one? ');
  ask.close();
  return answer.trim();
}

/** Puts a copy in the kitchen's place; what is there now is put aside, and where to is given back. */
async function putBack({ file }: Copy, kitchen: string): Promise<string> {
  // As long as it is held here, no server works on it.
  const lock = await lockDatabase(kitchen);
  const moment = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
  const aside = `${kitchen}.before-restore-${moment}`;
  for (const part of ['', '-wal', '-shm']) {
    if (existsSync(kitchen + part)) renameSync(kitchen + part, aside + part);
  }
  rmSync(`${kitchen}.part`, { force: true });
  copyFileSync(file, `${kitchen}.part`);
  renameSync(`${kitchen}.part`, kitchen);
  await lock.release();
  return aside;
}

async function restoreBackup(file: string, kitchen: string): Promise<number> {
  makeHome();
  const { coming, notes } = await withServer(kitchen, async (address) => {
    const answer = await askServer(address, 'backup', {
      method: 'POST',
      body: await openAsBlob(file),
      headers: { 'content-type': 'application/json' },
    });
    return restoreReply.parse(await answer.json());
  });
  const recipes = inPlural(coming.recipes, 'recipe', 'recipes');
  const bakes = inPlural(coming.bakes, 'bake', 'bakes');
  console.log(`Restored ${file}: ${recipes}, ${bakes}.`);
  notes.forEach((note) => console.error(note));
  console.log('To take it back: Files, Undo.');
  return 0;
}
