// Everything that must hold: types, lint, unit tests, server tests, the real interface.
// Ends with one line that adds up all runners: "N passed, N failed".
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { build, install, root } from './prepare.mjs';

const CHROMIUM = process.env.CHROME_BIN ?? '/usr/bin/chromium';

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
  ['core', ['npx', 'ng', 'test', 'core'], karma],
  ['web', ['npx', 'ng', 'test', 'web'], karma],
  ['server', ['npm', 'run', '--silent', 'test', '--workspace', 'server'], jasmine],
  ['end to end', ['npm', 'run', '--silent', 'test', '--workspace', 'e2e'], playwright],
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

/** Runs a command, shows its output as it comes, and keeps it. */
function show([command, ...args]) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (data) => {
        output += data;
        process.stdout.write(data);
      });
    }
    child.on('close', (status) => resolve({ ok: status === 0, output }));
  });
}

process.chdir(root);
install();
installChromium();
build();

const totals = { passed: 0, failed: 0 };
const add = (name, passed, failed) => {
  totals.passed += passed;
  totals.failed += failed;
  console.log(`\n=== ${name}: ${passed} passed, ${failed} failed\n`);
};
for (const [name, command] of CHECKS) {
  const { ok } = await show(command);
  add(name, ok ? 1 : 0, ok ? 0 : 1);
}
for (const [name, command, count] of RUNNERS) {
  const { ok, output } = await show(command);
  const counted = count(output) ?? { passed: 0, failed: 1 };
  // A runner that fails without a failed test has failed all the same.
  add(name, counted.passed, counted.failed + (ok || counted.failed > 0 ? 0 : 1));
}
console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exit(totals.failed > 0 ? 1 : 0);
