// Lets the bundled server do what it does in its first moments, and keeps the code that this compiled
// beside it.
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MAIN } from './prepare.mjs';

const folder = mkdtempSync(join(tmpdir(), 'ypsigram-compiled-'));
const child = fork(MAIN, {
  env: {
    ...process.env,
    PORT: '0',
    DATABASE: join(folder, 'kitchen.sqlite'),
    DEMO: '1',
    LOG_LEVEL: 'error',
  },
  stdio: ['ignore', 'pipe', 'inherit', 'ipc'],
});
const ended = once(child, 'exit');
const address = await new Promise((resolve, reject) => {
  child.stdout.on('data', (data) => {
    const found = /http:\/\/\S+/.exec(String(data));
    if (found) resolve(found[0]);
  });
  child.once('exit', () => reject(new Error('The bundled server did not start.')));
});
for (const path of ['recipes', 'kitchen', 'authors', 'timers', 'bakes']) {
  await (await fetch(`${address}/api/${path}`)).text();
}
child.send('keep what is compiled');
await once(child, 'disconnect');
child.kill('SIGTERM');
await ended;
rmSync(folder, { recursive: true, force: true });
