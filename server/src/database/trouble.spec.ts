import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { Problem } from '@ypsigram/contract';
import { startTestServer } from '../testing/test-server.js';
import { checkDatabase, checkFile, openingTrouble } from './check.js';
import { copyDaily, makeCopy } from './copies.js';
import { listCopies } from './copy-list.js';
import { openDatabase } from './database.js';
import { MIGRATION_NAMES, migrate } from './migrate.js';
import { databaseTrouble } from './trouble.js';

/** Whoever has no rights of its own: root may write whatever the mode of a file. */
const NOBODY = 65534;

/** Does something as nobody where this is root, and is itself again afterwards. */
async function asNobody(work: () => Promise<void>): Promise<void> {
  const isRoot = process.geteuid!() === 0;
  if (isRoot) process.seteuid!(NOBODY);
  try {
    await work();
  } finally {
    if (isRoot) process.seteuid!(0);
  }
}

const DAY = 24 * 60 * 60 * 1000;

describe('a database in trouble', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-trouble-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));
  const at = (name: string): string => join(folder, name);

  it('that was cut to nothing, or is a folder, is told before it is opened', () => {
    writeFileSync(at('empty.sqlite'), '');
    expect(() => checkFile(at('empty.sqlite'))).toThrowError(/cut to nothing/);
    expect(() => checkFile(folder)).toThrowError(/is a folder/);
    expect(() => checkFile(at('new.sqlite'))).not.toThrow();
  });

  it('that is no database is told with what to do', async () => {
    writeFileSync(at('text.sqlite'), 'flour, water, salt\n'.repeat(500));
    const opening = openDatabase(at('text.sqlite')).catch((error: unknown) => {
      throw openingTrouble(at('text.sqlite'), error);
    });
    await expectAsync(opening).toBeRejectedWithError(/is damaged, or no database/);
  });

  it('with broken pages is not used', async () => {
    const server = await startTestServer();
    for (let count = 0; count < 40; count++) {
      await server.http.post('/api/recipes').send({ text: `Buns ${count}\n2 cups flour` });
    }
    await makeCopy(server.database, 'daily', new Date());
    const [copy] = listCopies(server.file);
    const broken = at('broken.sqlite');
    copyFileSync(copy!.file, broken);
    const { open } = await import('node:fs/promises');
    const handle = await open(broken, 'r+');
    await handle.write(Buffer.alloc(6000, 7), 0, 6000, 9000);
    await handle.close();
    const database = await openDatabase(broken);
    await expectAsync(checkDatabase(database, MIGRATION_NAMES)).toBeRejectedWithError(/is damaged/);
    await database.close();
    await server.close();
  });

  it('of a newer version is not used', async () => {
    const database = await openDatabase(at('newer.sqlite'));
    await migrate(database);
    await expectAsync(checkDatabase(database, MIGRATION_NAMES)).toBeResolved();
    await database.sequelize.query("INSERT INTO migrations (name) VALUES ('9999-later')");
    await expectAsync(checkDatabase(database, MIGRATION_NAMES)).toBeRejectedWithError(
      /newer version \(9999-later\)/,
    );
    await database.close();
  });

  it('that was taken away says so, writes nothing elsewhere, and goes on once it is back', async () => {
    const server = await startTestServer();
    const add = () => server.http.post('/api/recipes').send({ text: 'Buns\n2 cups flour' });
    await add().expect(201);
    renameSync(server.file, `${server.file}.away`);
    const { body } = await add().expect(503);
    expect((body as Problem).detail).toContain('was moved or deleted');
    expect(existsSync(server.file)).toBeFalse();
    // What was saved can still be taken out.
    const { body: backup } = await server.http.get('/api/backup').expect(200);
    expect((backup as { recipes: unknown[] }).recipes.length).toBe(1);
    renameSync(`${server.file}.away`, server.file);
    await add().expect(201);
    await server.close();
  });

  it('that became read-only says so, can be read, and goes on once it may be written', async () => {
    const server = await startTestServer();
    const add = () => server.http.post('/api/recipes').send({ text: 'Buns\n2 cups flour' });
    await add().expect(201);
    const home = dirname(server.file);
    const modes = (folder: number, file: number): void => {
      for (const name of readdirSync(home)) chmodSync(join(home, name), file);
      chmodSync(home, folder);
    };
    modes(0o555, 0o444);
    await asNobody(async () => {
      const { body } = await add().expect(503);
      expect((body as Problem).detail).toMatch(/can’t be (written to|opened): this was not saved/);
      const { body: list } = await server.http.get('/api/recipes').expect(200);
      expect((list as { total: number }).total).toBe(1);
    });
    modes(0o755, 0o644);
    await add().expect(201);
    await server.close();
  });

  it('is copied once a day, seven times', async () => {
    const database = await openDatabase(at('kitchen.sqlite'));
    await migrate(database);
    const monday = new Date('2026-03-02T06:00:00Z').getTime();
    expect(await copyDaily(database, new Date(monday))).toBeTrue();
    expect(await copyDaily(database, new Date(monday + DAY / 2))).toBeFalse();
    for (let day = 1; day < 10; day++) await copyDaily(database, new Date(monday + day * DAY));
    const copies = listCopies(at('kitchen.sqlite'));
    expect(copies.length).toBe(7);
    expect(copies[0]!.at.toISOString()).toBe('2026-03-11T06:00:00.000Z');
    // Each is a whole database.
    const copy = await openDatabase(copies[0]!.file);
    await expectAsync(checkDatabase(copy, MIGRATION_NAMES, true)).toBeResolved();
    await copy.close();
    await database.close();
  });

  it('is copied again after a clock that was years ahead, and the newest made is known', async () => {
    const database = await openDatabase(at('kitchen.sqlite'));
    await migrate(database);
    expect(await copyDaily(database, new Date('2046-03-02T06:00:00Z'))).toBeTrue();
    expect(await copyDaily(database, new Date('2026-03-02T06:00:00Z'))).toBeTrue();
    expect(await copyDaily(database, new Date('2026-03-02T16:00:00Z'))).toBeFalse();
    expect(listCopies(at('kitchen.sqlite')).map((copy) => copy.at.getUTCFullYear())).toEqual([
      2026, 2046,
    ]);
    for (let day = 3; day < 12; day++) {
      await copyDaily(database, new Date(Date.UTC(2026, 2, day, 6)));
    }
    // The one of the wrong clock goes as the oldest, not the last.
    expect(listCopies(at('kitchen.sqlite')).every((copy) => copy.at.getUTCFullYear() === 2026))
      .withContext('years')
      .toBeTrue();
    await database.close();
  });

  it('that was cut by a few bytes is not used, and the newest copy is named', async () => {
    const server = await startTestServer();
    for (let count = 0; count < 40; count++) {
      await server.http.post('/api/recipes').send({ text: `Buns ${count}\n2 cups flour` });
    }
    await makeCopy(server.database, 'daily', new Date('2026-03-02T06:00:00Z'));
    const [copy] = listCopies(server.file);
    for (const bytes of [1, 50, 100]) {
      const cut = at(`cut-${bytes}.sqlite`);
      copyFileSync(copy!.file, cut);
      truncateSync(cut, statSync(cut).size - bytes);
      const used = openDatabase(cut).then((database) =>
        checkDatabase(database, MIGRATION_NAMES).finally(() => database.close()),
      );
      await expectAsync(used).withContext(`${bytes} bytes`).toBeRejected();
    }
    // While the server runs damage is told with what to do, and promises nothing.
    await server.database.sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)');
    const bytes = readFileSync(server.file);
    writeFileSync(server.file, bytes.fill(7, 4096));
    const { status, body } = await server.http.get('/api/trials');
    expect(status).toBe(503);
    expect((body as Problem).detail).toContain('is damaged');
    expect((body as Problem).detail).toContain('The newest copy is of 2026-03-02 06:00 UTC');
    await server.close();
  });

  it('names the file that was refused, and no other', () => {
    const refused = Object.assign(new Error('no'), { code: 'EACCES', path: '/kitchen/x-photos/a' });
    expect(databaseTrouble(refused, '/kitchen/x')?.detail).toContain(
      '/kitchen/x-photos/a can’t be',
    );
    expect(openingTrouble('/kitchen/x', refused).message).toContain('/kitchen/x-photos/a can’t be');
    const full = Object.assign(new Error('no'), { code: 'ENOSPC', path: '/tmp/b' });
    expect(databaseTrouble(full, '/kitchen/x')?.kind).toBe('full');
    expect(databaseTrouble(new Error('other'), '/kitchen/x')).toBeNull();
  });

  it('is copied before it is brought up to date', async () => {
    const database = await openDatabase(at('old.sqlite'));
    await migrate(database);
    await database.sequelize.query("DELETE FROM migrations WHERE name = '0011-author-keys'");
    await migrate(database);
    expect(listCopies(at('old.sqlite')).map(({ kind }) => kind)).toEqual(['before-update']);
    await database.close();
  });
});
