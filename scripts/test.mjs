// Everything that must hold: types, lint, unit tests, server tests, the real interface.
// Ends with one line that adds up all runners: "N passed, N failed".
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync, statfsSync } from 'node:fs';
import { join } from 'node:path';
import { CHROMIUM, CHROMIUM_PACKAGE } from './chromium.cjs';
import { build, install, root } from './prepare.mjs';

/** What may not lead back to itself. */
const SOURCES = ['core/src', 'contract/src', 'server/src', 'web/src', 'e2e', 'bench/src'];

/** A folder in memory, and the room that the databases and browsers of the tests may want there. */
const MEMORY = '/dev/shm';
const ROOM_BYTES = 2 ** 31;

/** A check of its own counts as one; of a runner its report says how many it ran. */
const CHECKS = [
  ['types of core specs', ['npx', 'tsc', '--noEmit', '-p', 'core/tsconfig.spec.json']],
  ['types of server specs', ['npx', 'tsc', '-p', 'server/tsconfig.spec.json']],
  ['types of end-to-end tests', ['npx', 'tsc', '-p', 'e2e/tsconfig.json']],
  ['lint', ['npx', 'eslint', '.']],
  ['import circles', ['npx', 'depcruise', ...SOURCES]],
  ['unused code', ['npx', 'knip']],
  ['public interface', ['node', 'scripts/api-report.mjs']],
  ['format', ['npx', 'prettier', '--check', '--log-level', 'warn', '.']],
];
const REPORTS = 'var/test-reports';

/** What takes longer than this hangs: it is stopped, with all that it started, and has failed. */
const LONGEST_MINUTES = 20;
const RUNNERS = [
  ['end-to-end', ['npm', 'run', '--silent', 'test', '--workspace', 'e2e']],
  ['core', ['npx', 'ng', 'test', 'core']],
  ['web', ['npx', 'ng', 'test', 'web']],
  ['server', ['npm', 'run', '--silent', 'test', '--workspace', 'server']],
  ['torture', ['node', 'scripts/torture.mjs', '--short']],
  [
    'package',
    ['node', 'node_modules/jasmine/bin/jasmine.js', '--config=scripts/package/jasmine.json'],
  ],
];

/** Adds up a runner's own report; null where it has left none. */
function countReport(name) {
  const file = join(root, REPORTS, `${name}.xml`);
  if (!existsSync(file)) return null;
  const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
  const { testsuites, testsuite } = parser.parse(readFileSync(file, 'utf8'));
  const suites = [testsuites?.testsuite ?? testsuite ?? []].flat();
  const sum = (key) => suites.reduce((total, suite) => total + Number(suite[key] ?? 0), 0);
  const failed = sum('failures') + sum('errors');
  const skipped = sum('skipped') + sum('disabled');
  return { passed: sum('tests') - failed - skipped, failed, skipped };
}

function installChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium for the browser tests.');
  spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  spawnSync('apt-get', ['install', '-y', '-qq', CHROMIUM_PACKAGE], { stdio: 'inherit' });
  if (existsSync(CHROMIUM)) return;
  console.error('Chromium is needed: install it, or name one in CHROME_BIN.');
  process.exit(1);
}

/** A disk shared with others may stall for seconds; what the tests write needs none. */
function temporaryFolder() {
  if (process.env.TMPDIR || !existsSync(MEMORY)) return process.env;
  const { bavail, bsize } = statfsSync(MEMORY);
  return bavail * bsize < ROOM_BYTES ? process.env : { ...process.env, TMPDIR: MEMORY };
}

const running = new Set();
function stop(group) {
  try {
    process.kill(-group, 'SIGKILL');
  } catch (error) {
    if (error.code !== 'ESRCH') throw error;
  }
}
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    running.forEach(stop);
    process.exit(1);
  });
}

/** Runs a command and keeps its output, which is shown as it comes or, at once, at the end. */
function run([command, ...args], isShownAsItComes, name, cwd = '.') {
  return new Promise((resolve) => {
    const stdio = ['ignore', 'pipe', 'pipe'];
    const child = spawn(command, args, {
      cwd: join(root, cwd),
      stdio,
      env: { ...env, REPORT_NAME: name },
      // A group of its own, so that it can be stopped with its children.
      detached: true,
    });
    running.add(child.pid);
    const limit = setTimeout(() => {
      console.error(`${name} took longer than ${LONGEST_MINUTES} minutes and was stopped.`);
      stop(child.pid);
    }, LONGEST_MINUTES * 60_000);
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (data) => {
        output += data;
        if (isShownAsItComes) process.stdout.write(data);
      });
    }
    child.on('close', (status) => {
      clearTimeout(limit);
      running.delete(child.pid);
      if (!isShownAsItComes) process.stdout.write(output);
      resolve(status === 0);
    });
  });
}

/** A folder of an area by itself, in seconds: "core/fills", "server/recipes", "web/scale", "e2e/settings". */
const JASMINE = ['node', '--import', 'tsx', '../node_modules/jasmine/bin/jasmine.js'];
const PARTS = {
  core: (part) => ({ cwd: 'core', command: [...JASMINE, `src/${part}/**/*.spec.ts`] }),
  server: (part) => ({
    cwd: 'server',
    command: [
      ...JASMINE,
      '--helper=src/testing/spec-timeout.ts',
      `src/{${part},*/${part}}/**/*.spec.ts`,
    ],
  }),
  contract: (part) => ({ cwd: 'contract', command: [...JASMINE, `src/${part}/**/*.spec.ts`] }),
  web: (part) => ({
    cwd: '.',
    command: ['npx', 'ng', 'test', 'web', `--include=**/${part}/**/*.spec.ts`],
  }),
  e2e: (part) => ({ cwd: 'e2e', command: ['npx', 'playwright', 'test', part] }),
};

/** Areas by name, in the command line; everything where none is named. */
const WANTED = process.argv.slice(2);
const NAMES = [...RUNNERS, ...CHECKS].map(([name]) => name);
const isPart = (name) => /^[a-z0-9]+\/./.test(name) && name.split('/')[0] in PARTS;
const unknown = WANTED.filter((name) => !NAMES.includes(name) && !isPart(name));
if (unknown.length > 0) {
  console.error(
    `There is no area “${unknown[0]}”. There are: ${NAMES.join(', ')}; or a part of one, such as core/fills, server/recipes, web/scale, e2e/settings.`,
  );
  process.exit(2);
}
const isWanted = ([name]) => WANTED.length === 0 || WANTED.includes(name);

const begun = performance.now();
process.chdir(root);
install();
// Only now is it there, on a new machine.
const { XMLParser } = await import('fast-xml-parser');
installChromium();
// Types, lint and the specs of core and page go by the sources.
const NEED_NO_BUILD = new Set(['core', 'web', ...CHECKS.map(([name]) => name)]);
const needsBuild = (name) => (isPart(name) ? name.startsWith('e2e/') : !NEED_NO_BUILD.has(name));
if (WANTED.length === 0 || WANTED.some(needsBuild)) build();

const env = temporaryFolder();
// A report of an earlier run must not pass for one of this.
rmSync(join(root, REPORTS), { recursive: true, force: true });
const totals = { passed: 0, failed: 0, skipped: 0 };
const add = (name, since, { passed, failed, skipped }) => {
  totals.passed += passed;
  totals.failed += failed;
  totals.skipped += skipped;
  const took = Math.round((performance.now() - since) / 1000);
  console.log(
    `\n=== ${name}: ${passed} passed, ${failed} failed, ${skipped} skipped (${took} s)\n`,
  );
};

async function check([name, command]) {
  if (!isWanted([name])) return;
  const since = performance.now();
  const isOk = await run(command, false, name);
  add(name, since, { passed: isOk ? 1 : 0, failed: isOk ? 0 : 1, skipped: 0 });
}

async function test([name, command], isShownAsItComes) {
  if (!isWanted([name])) return;
  const since = performance.now();
  const isOk = await run(command, isShownAsItComes, name);
  const { passed, failed, skipped } = countReport(name) ?? { passed: 0, failed: 1, skipped: 0 };
  // A runner that fails without a failed test has failed all the same.
  add(name, since, { passed, failed: failed + (isOk || failed > 0 ? 0 : 1), skipped });
}

/** A part of an area counts as one check: its own output says the rest. */
async function testPart(name) {
  const since = performance.now();
  const [area, ...part] = name.split('/');
  const { cwd, command } = PARTS[area](part.join('/'));
  const isOk = await run(command, true, name, cwd);
  add(name, since, { passed: isOk ? 1 : 0, failed: isOk ? 0 : 1, skipped: 0 });
}

async function oneByOne(...works) {
  for (const work of works) await work();
}
const runner = (wanted) => {
  const found = RUNNERS.find(([name]) => name === wanted);
  return () => test(found, false);
};

for (const name of WANTED.filter(isPart)) await testPart(name);
// Two at a time use two cores; the end-to-end tests do so by themselves.
await Promise.all([
  oneByOne(runner('server'), runner('torture'), runner('package')),
  oneByOne(runner('core'), runner('web'), ...CHECKS.map((one) => () => check(one))),
]);
await test(
  RUNNERS.find(([name]) => name === 'end-to-end'),
  true,
);
console.log(`In all: ${Math.round((performance.now() - begun) / 60_000)} minutes.`);
const skipped = totals.skipped > 0 ? `, ${totals.skipped} skipped` : '';
console.log(`${totals.passed} passed, ${totals.failed} failed${skipped}`);
process.exit(totals.failed > 0 ? 1 : 0);
