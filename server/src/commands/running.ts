import { setTimeout as wait } from 'node:timers/promises';
import { spawn, type ChildProcess } from 'node:child_process';
import { ownFile } from '../own-file.js';
import { heldBy, isHeld, type Holder } from '../database/lock.js';

/** A server that is asked to end finishes what is in flight first. */
const STOP_MILLISECONDS = 30_000;
const START_MILLISECONDS = 120_000;
const LOOK_MILLISECONDS = 100;

/**
 * How the server's process is started. glibc keeps a heap for each thread and gives little of it
 * back; with two of them memory stays where it is however long the server runs.
 */
const SERVER_ENVIRONMENT = { MALLOC_ARENA_MAX: '2' };

/** What of a server is shown: all that it says, or only what goes wrong. */
const SHOWN = {
  all: ['inherit', 'inherit', 'inherit'],
  troubles: ['ignore', 'ignore', 'inherit'],
} as const;

/** Starts a server in a process of its own. */
export function spawnServer(
  environment: Readonly<Record<string, string>>,
  shown: keyof typeof SHOWN,
): ChildProcess {
  const env = { ...process.env, ...SERVER_ENVIRONMENT, ...environment };
  return spawn(process.execPath, [ownFile('ypsigram')], { env, stdio: [...SHOWN[shown]] });
}

/** The server that works on a kitchen, once it says where it is found; null where none does. */
export async function serverOf(file: string): Promise<Holder | null> {
  for (let waited = 0; waited < START_MILLISECONDS; waited += LOOK_MILLISECONDS) {
    if (!(await isHeld(file))) return null;
    const holder = heldBy(file);
    if (holder) return holder;
    // It has just begun, and its port is bound in a moment.
    await wait(LOOK_MILLISECONDS);
  }
  throw new Error(`Something holds the kitchen ${file} and does not say what it is.`);
}

/** Whether a server at that address is ready for work. */
async function isReady(address: string): Promise<boolean> {
  try {
    return (await fetch(`${address}/api/health`)).ok;
  } catch {
    return false;
  }
}

/** Waits until the server of a kitchen answers. @throws Error in a sentence where it ends before */
export async function untilReady(file: string, server: ChildProcess): Promise<string> {
  for (let waited = 0; waited < START_MILLISECONDS; waited += LOOK_MILLISECONDS) {
    if (server.exitCode !== null || server.signalCode !== null) break;
    const holder = heldBy(file);
    if (holder?.pid === server.pid && holder && (await isReady(holder.address)))
      return holder.address;
    await wait(LOOK_MILLISECONDS);
  }
  throw new Error(`The kitchen ${file} could not be opened. “ypsigram doctor” says why.`);
}

/** Asks a server to end, and waits until its kitchen is free. @throws Error in a sentence */
export async function stopServer(file: string, { pid }: Holder): Promise<void> {
  process.kill(pid, 'SIGTERM');
  for (let waited = 0; waited < STOP_MILLISECONDS; waited += LOOK_MILLISECONDS) {
    if (!(await isHeld(file))) return;
    await wait(LOOK_MILLISECONDS);
  }
  throw new Error(
    `The server (process ${pid}) does not end. Something long may be under way: look again in a minute.`,
  );
}

/**
 * Does something with the server of a kitchen: the one that runs, or else one that is started for
 * this alone and ends afterwards.
 */
export async function withServer<T>(
  file: string,
  use: (address: string) => Promise<T>,
): Promise<T> {
  const running = await serverOf(file);
  if (running) return use(running.address);
  const server = spawnServer({ DATABASE: file, PORT: '0', LOG_LEVEL: 'warn' }, 'troubles');
  try {
    return await use(await untilReady(file, server));
  } finally {
    const ended = new Promise((done) => server.once('exit', done));
    if (server.exitCode === null && server.signalCode === null) {
      server.kill('SIGTERM');
      await ended;
    }
  }
}
