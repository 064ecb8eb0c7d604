// Everything that must hold: types, lint, unit tests, server tests, the real interface.
// Ends with one line that adds up all runners: "N passed, N failed".
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, statfsSync } from 'node:fs';
import { build, install, root } from './prepare.mjs';

const CHROMIUM = process.env.CHROME_BIN ?? '/usr/bin/chromium';

/** A folder in memory, and the room that the databases and browsers of the tests may want there. */
const MEMORY = '/dev/shm';
const ROOM_BYTES = 2 ** 31;

/** A check of its own counts as one; a runner's closing line says how many it ran. */
const CHECKS = [
  ['types of core specs', ['npx', 'tsc', '--noEmit', '-p', 'core/tsconfig.spec.json']],
  ['types of server specs', ['npx', 'tsc', '-p', 'server/tsconfig.spec.json']],
  ['types of end-to-end tests', ['npx', 'tsc', '-p', 'e2e/tsconfig.json']],
  ['lint', ['npx', 'eslint', '.']],
  ['format', ['npx', 'prettier', '--check', '--log-level', 'warn', '.']],
];
const karma = (output) => {
  // Of "Executed 43 of 44 (2 FAILED)" the last; what was never executed has not passed.
  const line = [...output.matchAll(/Executed (\d+) of (\d+)(.*)/g)].at(-1);
  if (!line) return null;
  const failed = Number(/\((\d+) FAILED\)/.exec(line[3])?.[1] ?? 0) + (line[2] - line[1]);
  return { passed: line[2] - failed, failed };
};
const jasmine = (output) => {
  const line = /(\d+) specs?, (\d+) failures?/.exec(output);
  return line && { passed: line[1] - line[2], failed: Number(line[2]) };
};
const playwright = (output) => {
  const count = (word) => Number(new RegExp(`^\\s+(\\d+) ${word}`, 'm').exec(output)?.[1] ?? 0);
  const failed = count('failed') + count('did not run') + count('interrupted');
  return count('passed') + failed > 0 ? { passed: count('passed') + count('flaky'), failed } : null;
};
const RUNNERS = [
  ['end to end', ['npm', 'run', '--silent', 'test', '--workspace', 'e2e'], playwright],
  ['core', ['npx', 'ng', 'test', 'core'], karma],
  ['web', ['npx', 'ng', 'test', 'web'], karma],
  ['server', ['npm', 'run', '--silent', 'test', '--workspace', 'server'], jasmine],
];

function installChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium for the browser tests.');
  spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], { stdio: 'inherit' });
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

/** Runs a command and keeps its output, which is shown as it comes or, at once, at the end. */
function run([command, ...args], isShownAsItComes) {
  return new Promise((resolve) => {
    const stdio = ['ignore', 'pipe', 'pipe'];
    const child = spawn(command, args, { cwd: root, stdio, env });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (data) => {
        output += data;
        if (isShownAsItComes) process.stdout.write(data);
      });
    }
    child.on('close', (status) => {
      if (!isShownAsItComes) process.stdout.write(output);
      resolve({ ok: status === 0, output });
    });
  });
}

process.chdir(root);
install();
installChromium();
build();

const env = temporaryFolder();
const totals = { passed: 0, failed: 0 };
const add = (name, passed, failed) => {
  totals.passed += passed;
  totals.failed += failed;
  console.log(`\n=== ${name}: ${passed} passed, ${failed} failed\n`);
};

async function check([name, command]) {
  const { ok } = await run(command, false);
  add(name, ok ? 1 : 0, ok ? 0 : 1);
}

async function test([name, command, count], isShownAsItComes) {
  const { ok, output } = await run(command, isShownAsItComes);
  const counted = count(output) ?? { passed: 0, failed: 1 };
  // A runner that fails without a failed test has failed all the same.
  add(name, counted.passed, counted.failed + (ok || counted.failed > 0 ? 0 : 1));
}

async function oneByOne(steps, does) {
  for (const step of steps) await does(step, false);
}

// Two at a time use two cores; the end-to-end tests do so by themselves.
const [endToEnd, ...units] = RUNNERS;
await Promise.all([oneByOne(CHECKS, check), oneByOne(units, test)]);
await test(endToEnd, true);
console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed > 0 ? 1 : 0);
