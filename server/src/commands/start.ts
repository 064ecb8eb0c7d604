import { rmSync } from 'node:fs';
import open from 'open';
import { lockDatabase } from '../database/lock.js';
import { ownCommand } from '../own-command.js';
import { demoKitchen, kitchenFile, makeHome } from './kitchen-files.js';
import { serverOf, spawnServer, untilReady } from './running.js';

export interface StartOptions {
  readonly home?: boolean;
  readonly port?: string;
  readonly kitchen?: string;
  /** Open the page in the browser. */
  readonly browser: boolean;
  readonly demo?: boolean;
  readonly reset?: boolean;
}

/** All that stands beside a kitchen's file and belongs to it. */
const PARTS = ['', '-wal', '-shm', '-photos', '-house', '-copies', '-coming'];

async function show(address: string, { browser }: StartOptions): Promise<void> {
  if (!browser) return;
  const opened = await open(address);
  // A machine without a browser, or without a screen: the address has been said.
  opened.once('error', () => console.log(`Open ${address} in a browser.`));
  opened.unref();
}

/** Empties the demo kitchen. @throws Error in a sentence where a server works on it */
async function emptyDemo(): Promise<void> {
  const lock = await lockDatabase(demoKitchen());
  for (const part of PARTS) rmSync(`${demoKitchen()}${part}`, { force: true, recursive: true });
  await lock.release();
}

/**
 * Starts a kitchen's server and opens its page; where it runs already, only the page. Ends with the
 * server, by its exit code.
 */
export async function start(options: StartOptions): Promise<number> {
  makeHome();
  const file = kitchenFile(options);
  const running = await serverOf(file);
  if (running) {
    console.log(`Ypsigram is already at ${running.address}`);
    await show(running.address, options);
    if (!options.home && options.port === undefined && !options.reset) return 0;
    console.error(
      `It goes on as it was started. To start it otherwise, stop it first: ${ownCommand('stop')}`,
    );
    return 1;
  }
  if (options.reset) await emptyDemo();
  const server = spawnServer(
    {
      DATABASE: file,
      LOG_LEVEL: process.env['LOG_LEVEL'] ?? 'warn',
      ...(options.port !== undefined && { PORT: options.port }),
      ...(options.home && { HOUSE: '1' }),
      ...(options.demo && { DEMO: '1' }),
    },
    'all',
  );
  // A key press reaches both; whoever ends this one alone ends the server too.
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => server.kill(signal));
  }
  const ended = new Promise<number>((done) => server.once('exit', (code) => done(code ?? 1)));
  const ready = untilReady(file, server).then(
    (address) => show(address, options),
    // Why it ended, it has said itself.
    () => undefined,
  );
  const [code] = await Promise.all([ended, ready]);
  return code;
}
