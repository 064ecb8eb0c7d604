// One file of the whole server, and one of its commands, their libraries included: it starts in half
// the time that some two thousand files take. What is compiled for the machine stays outside.
import { build } from 'esbuild';

await build({
  entryPoints: { ypsigram: 'server/dist/main.js', 'ypsigram-command': 'server/dist/command.js' },
  outdir: 'server/dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  legalComments: 'external',
  // Piscina starts threads from files of its own; the database library asks for engines not in use.
  external: ['sqlite3', 'sharp', 'piscina', 'pg-hstore'],
  banner: {
    // Libraries of the older module system ask for their parts by name.
    js: "import { createRequire as _requireFrom } from 'node:module'; const require = _requireFrom(import.meta.url);",
  },
  logLevel: 'warning',
});
