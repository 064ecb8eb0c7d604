import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { statfs } from 'node:fs/promises';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { backupGaps } from '@ypsigram/contract';
import { checkDatabase, checkFile, openingTrouble } from '../database/check.js';
import { listCopies } from '../database/copy-list.js';
import { openDatabase } from '../database/database.js';
import { lockDatabase } from '../database/lock.js';
import { MIGRATION_NAMES } from '../database/migrate.js';
import { readSettings } from '../settings.js';
import { askServer } from './ask-server.js';
import { homeFolder, kitchenFile, type WhichKitchen } from './kitchen-files.js';
import { serverOf, withServer } from './running.js';

/** What one look found; `trouble` says what to do. */
interface Finding {
  readonly of: string;
  readonly says: string;
  readonly isTrouble: boolean;
}

const MEGABYTE = 2 ** 20;
/** Less than this, and a day of photos fills the disk. */
const LEAST_FREE_BYTES = 200 * MEGABYTE;
const DAY_MILLISECONDS = 24 * 60 * 60 * 1000;

const fine = (of: string, says: string): Finding => ({ of, says, isTrouble: false });
const trouble = (of: string, says: string): Finding => ({ of, says, isTrouble: true });

async function database(file: string, isRunning: boolean): Promise<Finding> {
  const of = 'Database';
  if (!existsSync(file)) return fine(of, `none yet; it will be ${file}`);
  if (isRunning) return fine(of, `${file}, in use`);
  try {
    checkFile(file);
    // No server begins to work on it meanwhile.
    const lock = await lockDatabase(file);
    try {
      const opened = await openDatabase(file);
      await checkDatabase(opened, MIGRATION_NAMES, true).finally(() => opened.close());
    } finally {
      await lock.release();
    }
    return fine(of, `${file}, every entry looked at`);
  } catch (error) {
    return trouble(of, openingTrouble(file, error).message);
  }
}

async function photos(file: string): Promise<Finding> {
  const of = 'Photos';
  try {
    const { leftOut } = await withServer(file, async (address) =>
      backupGaps.parse(await (await askServer(address, 'backup/gaps')).json()),
    );
    if (leftOut.length === 0) return fine(of, 'all there');
    return trouble(of, `${leftOut.join(' ')} Add them to their bakes again, or remove them.`);
  } catch (error) {
    // What else there is to find is said all the same.
    return trouble(of, `could not be looked at: ${(error as Error).message}`);
  }
}

/** Whether a server could listen there. */
const isFree = (port: number, host: string): Promise<boolean> =>
  new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => done(false));
    probe.listen(port, host, () => probe.close(() => done(true)));
  });

async function port(address: string | null): Promise<Finding> {
  if (address !== null) return fine('Port', `serving at ${address}`);
  const settings = readSettings(process.env);
  if (await isFree(settings.port, settings.host)) return fine('Port', `${settings.port} is free`);
  return trouble('Port', `${settings.port} is taken. Choose another: ypsigram --port 4312`);
}

function certificate(file: string, now: Date): Finding {
  const of = 'Certificate';
  const kept = join(`${file}-house`, 'server.crt');
  if (!existsSync(kept)) return fine(of, 'none yet; one is made when phones are let in');
  try {
    const { validTo } = new X509Certificate(readFileSync(kept));
    const days = Math.floor((new Date(validTo).getTime() - now.getTime()) / DAY_MILLISECONDS);
    return fine(of, days < 0 ? 'over; the next start makes another' : `good for ${days} days`);
  } catch {
    return trouble(of, `${kept} can’t be read. Remove it: the next start makes another.`);
  }
}

async function disk(file: string): Promise<Finding> {
  let folder = dirname(file);
  while (!existsSync(folder)) folder = dirname(folder);
  const { bavail, bsize } = await statfs(folder);
  const free = Math.floor((bavail * bsize) / MEGABYTE);
  if (bavail * bsize >= LEAST_FREE_BYTES) return fine('Disk', `${free} MB free`);
  return trouble('Disk', `only ${free} MB free in ${folder}. Make room, so that saving goes on.`);
}

function copies(file: string): Finding {
  const [newest] = listCopies(file);
  if (!newest)
    return fine('Copies', existsSync(file) ? 'none yet; one is made each day' : 'none yet');
  const size = Math.ceil(statSync(newest.file).size / MEGABYTE);
  return fine('Copies', `the newest is of ${newest.at.toLocaleString()} (${size} MB)`);
}

function page(): Finding {
  const { page: folder, version } = readSettings({ ...process.env });
  if (existsSync(join(folder, 'index.html'))) return fine('Program', `version ${version}`);
  return trouble('Program', `version ${version} lacks its page. Install it again.`);
}

/** Looks at all that a kitchen needs and says what to do; 1 where something has to be done. */
export async function doctor(which: WhichKitchen, now = new Date()): Promise<number> {
  const file = kitchenFile(which);
  const running = await serverOf(file);
  const state = await database(file, running !== null);
  const canOpen = existsSync(file) && !state.isTrouble;
  const findings = [
    page(),
    fine('Node.js', process.version),
    fine('Home', homeFolder()),
    state,
    ...(canOpen ? [await photos(file)] : []),
    copies(file),
    await port(running?.address ?? null),
    certificate(file, now),
    await disk(file),
  ];
  for (const { of, says, isTrouble } of findings) {
    console.log(`${isTrouble ? 'FIX ' : 'ok  '} ${of.padEnd(12)} ${says}`);
  }
  return findings.some(({ isTrouble }) => isTrouble) ? 1 : 0;
}
