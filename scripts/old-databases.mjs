// Makes a small database of every schema that this project ever had, by the program of that time:
// the last commit before each step was added is built and started with its demo data. Run it when a
// step is added, before it lands:  node scripts/old-databases.mjs [step ...]
import { spawn, spawnSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';

const root = fileURLToPath(new URL('..', import.meta.url));
const sqlite3 = createRequire(join(root, 'server/package.json'))('sqlite3');
const STEPS = 'server/src/database/migrations';
const FIXTURES = join(root, 'server/src/database/old');
const PORT = 4377;
const START_MILLISECONDS = 120_000;
/** So many rows of each table stay: old rows are of a kind, and the file is kept for ever. */
const ROWS = 40;

function run(command, args, cwd) {
  const { status, stdout, stderr } = spawnSync(command, args, { cwd, encoding: 'utf8' });
  if (status !== 0)
    throw new Error(`${command} ${args.join(' ')}: ${stdout}${stderr}`.slice(0, 800));
  return stdout.trim();
}

const steps = readdirSync(join(root, STEPS))
  .filter((file) => /^\d{4}-.*\.ts$/.test(file) && !file.endsWith('.spec.ts'))
  .map((file) => file.replace('.ts', ''))
  .sort();

/** The last commit that has this step and not the next. */
function lastWith(step) {
  const next = steps[steps.indexOf(step) + 1];
  if (!next) return 'HEAD';
  const added = run(
    'git',
    ['log', '--diff-filter=A', '--format=%h', '--', `${STEPS}/${next}.ts`],
    root,
  );
  return `${added.split('\n').at(-1)}~1`;
}

const statements = (file) => {
  const database = new sqlite3.Database(file);
  return {
    all: (sql) =>
      new Promise((resolve, reject) =>
        database.all(sql, (error, rows) => (error ? reject(error) : resolve(rows))),
      ),
    close: () => new Promise((resolve) => database.close(resolve)),
  };
};

/** Takes a database down to a few rows of each table, in one file without a journal. */
async function shrink(file) {
  const { all, close } = statements(file);
  await all('PRAGMA foreign_keys = OFF');
  const tables = await all("SELECT name FROM sqlite_master WHERE type = 'table'");
  for (const { name } of tables) {
    if (/^(sqlite_|migrations$|kitchen|bakes$|recipes$|bake_readings$|readings$)/.test(name))
      continue;
    const [{ of }] = await all(`SELECT count(*) AS of FROM "${name}"`);
    if (of > ROWS) {
      await all(
        `DELETE FROM "${name}" WHERE rowid NOT IN (SELECT rowid FROM "${name}" ORDER BY rowid LIMIT ${ROWS})`,
      );
    }
  }
  await all('PRAGMA journal_mode = DELETE');
  await all('VACUUM');
  await close();
}

async function newestStep(file) {
  const { all, close } = statements(file);
  const [{ name }] = await all('SELECT max(name) AS name FROM migrations');
  await close();
  return name;
}

/** Fills what the demo leaves empty, as far as the program of that time knows it. */
async function fillMore(address) {
  await fetch(`${address}/api/classes/6b1f0a52-7c1d-4f4e-9a57-0c7f3f4c1d11`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ name: 'Saturday', tasks: [] }),
  });
}

async function untilAnswered(address) {
  const end = Date.now() + START_MILLISECONDS;
  for (;;) {
    try {
      const { ok } = await fetch(`${address}/api/recipes`);
      if (ok) return;
    } catch (error) {
      if (Date.now() > end) throw error;
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

/** The libraries of that time; only what is compiled for this machine is lent from here. */
function install(tree) {
  run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--silent'], tree);
  const compiled = 'node_modules/sqlite3/build';
  cpSync(join(root, compiled), join(tree, compiled), { recursive: true });
}

async function make(step) {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-old-'));
  const tree = join(folder, 'tree');
  const file = join(folder, 'kitchen.sqlite');
  try {
    run('git', ['worktree', 'add', '--detach', tree, lastWith(step)], root);
    install(tree);
    run('npx', ['tsc', '-b', '--noCheck', 'core', 'contract', 'server'], tree);
    const env = {
      ...process.env,
      DATABASE: file,
      DEMO: '1',
      PORT: String(PORT),
      LOG_LEVEL: 'silent',
    };
    const child = spawn(process.execPath, ['server/dist/main.js'], {
      cwd: tree,
      env,
      stdio: 'inherit',
    });
    const ended = new Promise((resolve) => child.once('exit', resolve));
    try {
      await untilAnswered(`http://127.0.0.1:${PORT}`);
      await fillMore(`http://127.0.0.1:${PORT}`);
    } finally {
      child.kill('SIGTERM');
      await ended;
    }
    await shrink(file);
    const newest = await newestStep(file);
    if (newest !== step) throw new Error(`no program had just this step: it came with ${newest}`);
    mkdirSync(FIXTURES, { recursive: true });
    const packed = gzipSync(readFileSync(file), { level: 9 });
    writeFileSync(join(FIXTURES, `${step}.sqlite.gz`), packed);
    console.log(
      `${step}: ${Math.round(packed.length / 1024)} kB, by ${run('git', ['rev-parse', '--short', 'HEAD'], tree)}`,
    );
  } finally {
    if (existsSync(tree)) run('git', ['worktree', 'remove', '--force', tree], root);
    rmSync(folder, { recursive: true, force: true });
  }
}

const wanted = process.argv.slice(2);
for (const step of wanted.length > 0 ? wanted : steps) {
  try {
    await make(step);
  } catch (error) {
    console.error(`${step}: ${error.message}`);
  }
}
