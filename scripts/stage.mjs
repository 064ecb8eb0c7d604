// A server and a browser for whoever measures or photographs the real thing.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS } from './chromium.cjs';
import { MAIN, SERVER_ENVIRONMENT } from './prepare.mjs';

export const openBrowser = () =>
  chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });

/** The built server on a database that is thrown away: its address, its process, and how to end it. */
export async function openServer({ demo }) {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-stage-'));
  const child = spawn(process.execPath, [MAIN], {
    env: {
      ...process.env,
      ...SERVER_ENVIRONMENT,
      PORT: '0',
      DATABASE: join(folder, 'stage.sqlite'),
      DEMO: demo ? '1' : '0',
      LOG_LEVEL: 'error',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      const found = /http:\/\/\S+/.exec(String(data));
      if (found) resolve(found[0]);
    });
    child.on('exit', () => reject(new Error('the server ended before it had an address')));
  });
  const close = () => {
    child.kill('SIGTERM');
    rmSync(folder, { recursive: true });
  };
  return { address, pid: child.pid, close };
}
