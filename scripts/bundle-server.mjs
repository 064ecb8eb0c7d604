// One file of the whole server, and one of its commands, their libraries included: it starts in half
// the time that some two thousand files take. What is compiled for the machine stays outside.
import { copyFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';

const DIST = 'server/dist';

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
copyFileSync('scripts/load-server.mjs', join(DIST, 'ypsigram.js'));
// What was compiled of another bundle is of no use.
rmSync(join(DIST, 'ypsigram-server.cjs.compiled'), { force: true });
