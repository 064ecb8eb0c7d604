// Installs what people install, uses it, brings it up to date and removes it.
import { spawn, spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { request as httpsRequest } from 'node:https';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { build, install, root } from '../prepare.mjs';
import { debianPackage } from './debian.mjs';
import { packFolder } from './node-package.mjs';
import { stageProgram } from './stage.mjs';

const MINUTES = 60_000;
/** A package that is only tried is not pressed. */
const QUICKLY = ['-Znone'];
const [OLDER, NEWER] = ['0.0.1', '0.0.2'];

function run(command, args, env = {}, input = '') {
  const { status, stdout, stderr, error } = spawnSync(command, args, {
    encoding: 'utf8',
    input,
    env: { ...process.env, ...env },
    cwd: tmpdir(),
  });
  return { status, says: `${stdout ?? ''}${stderr ?? ''}${error?.message ?? ''}`, stdout };
}

function must(command, args, env) {
  const ran = run(command, args, env);
  if (ran.status !== 0) throw new Error(`${command} ${args.join(' ')}: ${ran.says}`);
  return ran;
}

/** One that nobody listens at. */
const freePort = () =>
  new Promise((done) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port: free } = probe.address();
      probe.close(() => done(String(free)));
    });
  });

let port;
const address = () => `http://127.0.0.1:${port}`;
/** Commands under way: none outlives its spec. */
const running = new Set();

/** Starts a kitchen by a command and waits until it serves. */
async function started(command, args, env) {
  const child = spawn(command, args, { env: { ...process.env, ...env }, stdio: 'pipe' });
  let says = '';
  child.stdout.on('data', (data) => (says += data));
  child.stderr.on('data', (data) => (says += data));
  running.add(child);
  const ended = new Promise((done) => child.once('exit', done));
  void ended.then(() => running.delete(child));
  for (let tries = 0; tries < 300; tries++) {
    if (child.exitCode !== null) break;
    try {
      if ((await fetch(`${address()}/api/health`)).ok) return { ended };
    } catch {
      // It has just begun.
    }
    await new Promise((done) => setTimeout(done, 100));
  }
  throw new Error(`${command} does not serve: ${says}`);
}

const post = (path, body, type = 'application/json') =>
  fetch(`${address()}/api/${path}`, {
    method: 'POST',
    headers: { 'content-type': type, 'x-ypsigram': '1' },
    body: type === 'application/json' ? JSON.stringify(body) : body,
  });

/** Lets a device in by the house's own door, whose certificate nobody trusts yet. */
const pair = (housePort, passcode, name) =>
  new Promise((done, fail) => {
    const asked = httpsRequest(
      {
        host: '127.0.0.1',
        port: housePort,
        path: '/api/house/devices',
        method: 'POST',
        rejectUnauthorized: false,
        headers: { 'content-type': 'application/json', 'x-ypsigram': '1' },
      },
      (response) => {
        response.resume();
        if (response.statusCode === 201) done();
        else fail(new Error(`not let in: ${response.statusCode}`));
      },
    );
    asked.once('error', fail);
    asked.end(JSON.stringify({ passcode, name }));
  });

const RECIPE = {
  title: 'Ginger knots',
  text: 'Ginger knots\n\n2 cups all-purpose flour\n1 stick butter\n2 eggs',
  standard: 'us-customary',
  authorId: null,
};

const titles = async () => {
  const { items } = await (await fetch(`${address()}/api/recipes`)).json();
  return items.map(({ title }) => title);
};

describe('what people install', () => {
  let work;
  let home;
  const packed = {};
  const debian = {};

  beforeAll(async () => {
    install();
    build();
    work = mkdtempSync(join(tmpdir(), 'ypsigram-package-'));
    home = join(work, 'home');
    const program = join(work, 'program');
    await stageProgram(program, OLDER);
    for (const version of [OLDER, NEWER]) {
      for (const manifest of ['package.json', 'server/package.json']) {
        const file = join(program, manifest);
        const of = JSON.parse(readFileSync(file, 'utf8'));
        writeFileSync(file, JSON.stringify({ ...of, version }, null, 2));
      }
      packed[version] = packFolder(program, work);
      if (existsSync('/usr/bin/dpkg-deb'))
        debian[version] = debianPackage(program, version, work, QUICKLY);
    }
    rmSync(program, { recursive: true });
  }, 10 * MINUTES);
  afterAll(() => rmSync(work, { recursive: true, force: true }));

  beforeEach(async () => (port = await freePort()));
  afterEach(() => running.forEach((child) => child.kill('SIGTERM')));

  it(
    'comes from npm with nothing to build, keeps a bake through an update, and leaves the kitchen',
    async () => {
      const prefix = join(work, 'prefix');
      const ypsigram = join(prefix, 'bin/ypsigram');
      const env = { YPSIGRAM_HOME: home, PORT: port, HOUSE_PORT: '0', STARTED_BY: 'ypsigram' };
      const add = (version) =>
        must('npm', [
          'install',
          '--global',
          '--prefer-offline',
          '--prefix',
          prefix,
          packed[version],
        ]);
      add(OLDER);
      expect(must(ypsigram, ['--version']).stdout.trim()).toBe(OLDER);
      expect(must(ypsigram, ['doctor'], env).says).toContain('none yet');
      expect(existsSync(home)).withContext('doctor only looks').toBeFalse();

      // Another kind of machine: there is no driver, and a sentence says how to get one.
      const native = join(prefix, 'lib/node_modules/ypsigram/native');
      renameSync(native, `${native}-away`);
      const lacking = run(ypsigram, ['start', '--no-browser'], env);
      expect(lacking.status).toBe(1);
      expect(lacking.says).toContain('--allow-scripts=sqlite3');
      renameSync(`${native}-away`, native);

      const first = await started(ypsigram, ['--no-browser'], env);
      expect((await post('recipes', RECIPE)).status).toBe(201);
      // Threads and pictures are files of their own in the package.
      const chances = await post('chances', {
        text: RECIPE.text,
        batch: { by: 'factor', factor: '1' },
        bakes: 500,
      });
      expect(chances.status)
        .withContext(await chances.clone().text())
        .toBe(200);
      const photo = readFileSync(join(root, 'web/public/icons/icon-192.png'));
      const pictured = await post('photos', photo, 'image/png');
      expect(pictured.status)
        .withContext(await pictured.clone().text())
        .toBe(201);
      expect(must(ypsigram, ['--no-browser'], env).says).toContain('already at');
      expect(must(ypsigram, ['doctor'], env).says).toContain(`serving at ${address()}`);
      expect(run(ypsigram, ['passcode'], env).says).toContain('devices allow');
      must(ypsigram, ['devices', 'allow'], env);
      const told = must(ypsigram, ['passcode'], env).stdout;
      const [, ...digits] = /(\d{4}) (\d{4})/.exec(told);
      await pair(/:(\d+)$/m.exec(told)[1], digits.join(''), 'Tablet');
      expect(must(ypsigram, ['devices'], env).stdout).toContain('Tablet  (last seen');
      expect(run(ypsigram, ['devices', 'remove', 'Phone'], env).says).toContain('No device');
      must(ypsigram, ['devices', 'remove', 'tablet'], env);
      expect(must(ypsigram, ['devices'], env).stdout).not.toContain('Tablet');
      expect(must(ypsigram, ['passcode'], env).stdout).not.toContain(digits[0]);
      must(ypsigram, ['devices', 'refuse'], env);
      const piped = run(ypsigram, ['convert', '--to', 'weights'], env, '2 cups sugar');
      expect(piped.stdout).toMatch(/^400 g +2 cups sugar$/m);
      expect(piped.stdout).withContext('no colour for another program').not.toContain('\u001b');
      const file = join(work, 'backup.json');
      must(ypsigram, ['backup', file], env);
      expect(run(ypsigram, ['backup', file], env).says).toContain('there already');
      must(ypsigram, ['stop'], env);
      await first.ended;

      add(NEWER);
      expect(must(ypsigram, ['--version']).stdout.trim()).toBe(NEWER);
      const second = await started(ypsigram, ['--no-browser'], env);
      expect(await titles()).toEqual([RECIPE.title]);
      expect((await (await fetch(`${address()}/api/health`)).json()).version).toBe(NEWER);
      must(ypsigram, ['stop'], env);
      await second.ended;

      // Another machine takes the backup.
      const elsewhere = { ...env, YPSIGRAM_HOME: join(work, 'elsewhere') };
      expect(must(ypsigram, ['restore', file], elsewhere).says).toContain('1 recipe, ');
      expect(must(ypsigram, ['doctor'], elsewhere).says).toContain('every entry looked at');

      must('npm', ['uninstall', '--global', '--prefix', prefix, 'ypsigram']);
      expect(existsSync(ypsigram)).toBeFalse();
      expect(existsSync(join(home, 'kitchen.sqlite'))).toBeTrue();
    },
    5 * MINUTES,
  );

  it(
    'brings the kitchen of every earlier program up to date, with a copy from before',
    async () => {
      const prefix = join(work, 'prefix-old');
      const ypsigram = join(prefix, 'bin/ypsigram');
      must('npm', ['install', '--global', '--prefer-offline', '--prefix', prefix, packed[NEWER]]);
      const old = join(root, 'server/src/database/old');
      const kitchens = readdirSync(old).filter((name) => name.endsWith('.gz'));
      const [oldest, newestButOne] = [kitchens[0], kitchens.at(-2)];
      for (const name of [oldest, newestButOne]) {
        const kitchen = join(work, name.replace('.gz', ''));
        writeFileSync(kitchen, gunzipSync(readFileSync(join(old, name))));
        const before = run(ypsigram, ['convert', '-', '--kitchen', kitchen], {});
        expect(before.says).withContext(name).toContain('earlier version');
        const args = ['--no-browser', '--kitchen', kitchen, '--port', port];
        const server = await started(ypsigram, args, { STARTED_BY: 'ypsigram' });
        expect((await titles()).length)
          .withContext(name)
          .toBeGreaterThan(3);
        must(ypsigram, ['stop', '--kitchen', kitchen]);
        await server.ended;
        const copies = readdirSync(`${kitchen}-copies`);
        expect(copies.some((copy) => copy.startsWith('before-update')))
          .withContext(name)
          .toBeTrue();
      }
    },
    5 * MINUTES,
  );

  it(
    'comes for Debian with all that it needs, and goes without touching a kitchen',
    async () => {
      if (!debian[OLDER]) {
        pending('There is no dpkg-deb here.');
        return;
      }
      const system = join(work, 'system');
      const dpkg = (...args) =>
        must('dpkg', [`--root=${system}`, '--force-not-root', '--force-depends', ...args], {
          PATH: `${process.env.PATH}:/usr/sbin:/sbin`,
        });
      for (const folder of ['var/lib/dpkg/info', 'var/lib/dpkg/updates', 'var/lib/dpkg/triggers']) {
        mkdirSync(join(system, folder), { recursive: true });
      }
      writeFileSync(join(system, 'var/lib/dpkg/status'), '');
      writeFileSync(join(system, 'var/lib/dpkg/available'), '');
      dpkg('--install', debian[OLDER]);
      const unit = readFileSync(join(system, 'usr/lib/systemd/user/ypsigram.service'), 'utf8');
      for (const line of unit.trim().split('\n')) {
        expect(line).toMatch(/^(?:|#.*|\[(?:Unit|Service|Install)\]|[A-Z][A-Za-z]+=\S.*)$/);
      }
      const [, command] = /^ExecStart=(.*)$/m.exec(unit);
      // There is no systemd here: its command is started as it would, in the folder it is in.
      const lib = join(system, 'usr/lib/ypsigram');
      expect(command).toBe('/usr/bin/ypsigram start --no-browser');
      expect(readFileSync(join(system, 'usr/bin/ypsigram'), 'utf8')).toContain(
        'exec /usr/lib/ypsigram/bin/node /usr/lib/ypsigram/server/dist/ypsigram-command.js "$@"',
      );
      const node = join(lib, 'bin/node');
      const ypsigram = [join(lib, 'server/dist/ypsigram-command.js')];
      const debianHome = join(work, 'debian-home');
      const env = { YPSIGRAM_HOME: debianHome, PORT: port, PATH: '/usr/bin:/bin' };
      const args = command.split(' ').slice(1);
      const first = await started(node, [...ypsigram, ...args], env);
      expect((await post('recipes', RECIPE)).status).toBe(201);
      must(node, [...ypsigram, 'stop'], env);
      await first.ended;

      dpkg('--install', debian[NEWER]);
      expect(must(node, [...ypsigram, '--version'], env).stdout.trim()).toBe(NEWER);
      const second = await started(node, [...ypsigram, ...args], env);
      expect(await titles()).toEqual([RECIPE.title]);
      must(node, [...ypsigram, 'stop'], env);
      await second.ended;

      dpkg('--purge', 'ypsigram');
      expect(existsSync(lib)).toBeFalse();
      expect(existsSync(join(debianHome, 'kitchen.sqlite'))).toBeTrue();
    },
    5 * MINUTES,
  );
});
