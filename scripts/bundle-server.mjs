// One file of the whole server, and one of its commands, their libraries included: it starts in half
// the time that some two thousand files take. What is compiled for the machine stays outside.
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';

const DIST = 'server/dist';
const LOADER = join(DIST, 'ypsigram.js');

const BOTH = {
  outdir: DIST,
  bundle: true,
  platform: 'node',
  target: 'node20',
  legalComments: 'external',
  // Piscina starts threads from files of its own; the database library asks for engines not in use.
  external: ['sqlite3', 'sharp', 'piscina', 'pg-hstore'],
  logLevel: 'warning',
};

await build({
  ...BOTH,
  entryPoints: { 'ypsigram-command': join(DIST, 'command.js') },
  format: 'esm',
  banner: {
    // Libraries of the older module system ask for their parts by name.
    js: "import { createRequire as _requireFrom } from 'node:module'; const require = _requireFrom(import.meta.url);",
  },
});
await build({
  ...BOTH,
  entryPoints: { 'ypsigram-server': join(DIST, 'main.js') },
  format: 'cjs',
  outExtension: { '.js': '.cjs' },
  // What is loaded late is part of the machine, or of this file.
  supported: { 'dynamic-import': false },
  // Its other files stand beside it, and end as those of modules do.
  define: { 'import.meta.url': '_own' },
  banner: { js: "const _own = require('node:url').pathToFileURL(process.argv[1]).href;" },
});
copyFileSync('scripts/load-server.mjs', LOADER);

/** Lets the server do what it does in its first moments, and keeps the code that this compiled. */
async function keepCompiled() {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-compiled-'));
  const child = fork(LOADER, {
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
}

await keepCompiled();
