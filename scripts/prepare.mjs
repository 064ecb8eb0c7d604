// Installs what is missing and builds what has changed, so that a second start is quick.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** The built server. */
export const MAIN = join(root, 'server/dist/ypsigram.js');
/**
 * How the server's process is started. glibc keeps a heap for each thread and gives little of it
 * back; with two of them memory stays where it is however long the server runs.
 */
export const SERVER_ENVIRONMENT = { MALLOC_ARENA_MAX: '2' };

const SOURCES = ['core/src', 'contract/src', 'server/src', 'web/src', 'web/public'];
const CONFIGURATIONS = [
  'package-lock.json',
  'angular.json',
  'web/ngsw-config.json',
  'tsconfig.base.json',
  'scripts/page-budget.mjs',
  'scripts/compress-page.mjs',
  'scripts/prepare.mjs',
  'scripts/bundle-server.mjs',
  'scripts/load-server.mjs',
  'scripts/keep-compiled.mjs',
  'scripts/licences.mjs',
];
/** The bundler's many small chunks are joined into few: a first view of three files and not forty. */
const BUILD_ENVIRONMENT = { NG_BUILD_OPTIMIZE_CHUNKS: '1' };
const BUILT = [
  'server/dist/ypsigram.js',
  'server/dist/ypsigram-server.cjs',
  'server/dist/ypsigram-command.js',
  'web/dist/index.html',
];
/** What the server is started with, so that it need not be compiled again. */
const COMPILED = join(root, 'server/dist/ypsigram-server.cjs.compiled');
const DATABASE = join(root, 'node_modules/sqlite3/build/Release/node_sqlite3.node');
const STAMP = 'web/dist/.built-from';

/** Runs a command at the root, its output shown. Ends the process when it fails. */
export function run(command, ...args) {
  const env = { ...process.env, ...BUILD_ENVIRONMENT };
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env });
  if (error) console.error(error.message);
  if (status !== 0) process.exit(status ?? 1);
}

const modified = (path) => statSync(join(root, path)).mtimeMs;

function isInstalled() {
  const installed = 'node_modules/.package-lock.json';
  return existsSync(join(root, installed)) && modified(installed) >= modified('package-lock.json');
}

function* filesBelow(folder) {
  for (const entry of readdirSync(join(root, folder), { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesBelow(path);
    else yield path;
  }
}

/** One hash of everything the build is made from. */
function fingerprint() {
  const hash = createHash('sha256');
  for (const path of [...CONFIGURATIONS, ...SOURCES.flatMap((folder) => [...filesBelow(folder)])]) {
    hash
      .update(path)
      .update('\0')
      .update(readFileSync(join(root, path)))
      .update('\0');
  }
  return hash.digest('hex');
}

export function install() {
  if (isInstalled()) return;
  console.log('Installing packages: a few minutes, once.');
  run('npm', 'ci', '--no-audit', '--no-fund');
}

export function build() {
  const wanted = fingerprint();
  const stamp = join(root, STAMP);
  const isBuilt = BUILT.every((path) => existsSync(join(root, path)));
  if (!isBuilt || !existsSync(stamp) || readFileSync(stamp, 'utf8') !== wanted) {
    buildAll();
    writeFileSync(stamp, wanted);
  }
  // The database may still be on its way to being compiled: then the next who builds does this.
  if (!existsSync(COMPILED) && existsSync(DATABASE)) run('node', 'scripts/keep-compiled.mjs');
}

function buildAll() {
  console.log('Building: about a minute, whenever something has changed.');
  run('npx', 'tsc', '-b', 'core', 'contract', 'server');
  run('node', 'scripts/bundle-server.mjs');
  run('npx', 'ng', 'build', 'web');
  run('node', 'scripts/licences.mjs');
  run('node', 'scripts/page-budget.mjs');
  run('node', 'scripts/compress-page.mjs');
}

/** Builds what has changed, then does a command of the program, with all that was typed here. */
export async function runBuilt(...command) {
  process.chdir(root);
  install();
  build();
  process.env.YPSIGRAM_HOME ??= 'var';
  process.env.STARTED_BY = 'sources';
  process.argv.splice(2, 0, ...command);
  await import('../server/dist/ypsigram-command.js');
}
