import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { kitchen, recipeDraft, recipeQuery } from '@ypsigram/contract';
import { bakeState } from '@ypsigram/core/bench';
import { QueryTypes } from 'sequelize';
import { buildAreas } from '../areas/all-areas.js';
import { checkDatabase } from './check.js';
import { openDatabase, type Database } from './database.js';
import { MIGRATION_NAMES, isUpToDate, migrate } from './migrate.js';

/** Databases as the programs of their time left them: `scripts/old-databases.mjs` makes them. */
const FOLDER = new URL('./old/', import.meta.url);
const PACKED = '.sqlite.gz';
const OLD = readdirSync(FOLDER).filter((file) => file.endsWith(PACKED));

const now = (): Date => new Date('2026-12-01T09:00:00Z');

describe('a database of an earlier program', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'ypsigram-old-'))));
  afterEach(() => rmSync(folder, { recursive: true }));

  const open = async (packed: string): Promise<Database> => {
    const file = join(folder, 'kitchen.sqlite');
    writeFileSync(file, gunzipSync(readFileSync(new URL(packed, FOLDER))));
    return openDatabase(file);
  };
  const count = async (database: Database, table: string): Promise<number> => {
    const has = await database.sequelize.query(
      'SELECT name FROM sqlite_master WHERE type = :type AND name = :table',
      { replacements: { type: 'table', table }, type: QueryTypes.SELECT },
    );
    if (has.length === 0) return 0;
    const [row] = await database.sequelize.query<{ of: number }>(
      `SELECT count(*) AS "of" FROM "${table}" WHERE deleted_at IS NULL`,
      { type: QueryTypes.SELECT },
    );
    return row!.of;
  };

  it('is kept of the newest schema and of those before it', () => {
    expect(OLD.length).toBeGreaterThan(9);
    expect(OLD.map((file) => file.replace(PACKED, '')).at(-1)).toBe(MIGRATION_NAMES.at(-1));
  });

  for (const packed of OLD) {
    it(`is opened with all that is in it: ${packed.replace(PACKED, '')}`, async () => {
      const database = await open(packed);
      const [recipesBefore, bakesBefore] = [
        await count(database, 'recipes'),
        await count(database, 'bakes'),
      ];
      await checkDatabase(database, MIGRATION_NAMES, true);
      await migrate(database);
      const wrong: unknown[] = [];
      const areas = buildAreas(database, now, (error) => wrong.push(error));

      const { revision: _, ...possessions } = await areas.kitchen.read();
      expect(kitchen.safeParse({ ...possessions, revision: 1 }).error).toBeUndefined();
      const recipes = await areas.recipes.all();
      expect(recipes.length).toBe(recipesBefore);
      expect(recipesBefore).toBeGreaterThan(0);
      for (const { text, standard, methods, balance, answers } of recipes) {
        const draft = { text, standard, methods, balance, answers };
        expect(recipeDraft.safeParse(draft).error).toBeUndefined();
      }
      const page = await areas.recipes.list(recipeQuery.parse({}));
      expect(page.items.map(({ problem }) => problem)).toEqual(page.items.map(() => null));
      await areas.authors.list();
      await areas.trials.list({});

      const items = await areas.bakes.list({ limit: 200 });
      expect(await count(database, 'bakes')).toBe(bakesBefore);
      // The first programs knew no bakes; the demo of later ones has many.
      expect(bakesBefore > 0).toBe(packed > '0014');
      for (const { id } of items) {
        const read = await areas.bakes.read(id);
        const { lines } = bakeState(read.plan, read.readings);
        expect(lines.length).toBeGreaterThan(0);
        // No code that words are made of is missing.
        expect(JSON.stringify(read.plan)).not.toContain('undefined');
        for (const { line } of lines) expect(line.id).toBeTruthy();
      }
      expect(wrong).toEqual([]);
      await database.close();
    });
  }

  it('goes on at the next start with an update that was broken off at any step', async () => {
    const [oldest] = OLD;
    const steps = MIGRATION_NAMES.length - 1;
    for (let broken = 1; broken <= steps; broken += 3) {
      const database = await open(oldest!);
      const before = await count(database, 'recipes');
      const { sequelize } = database;
      const transaction = sequelize.transaction.bind(sequelize) as (work: unknown) => Promise<void>;
      let step = 0;
      // The process ends within a step: its transaction is rolled back, those before it stay.
      spyOn(sequelize, 'transaction').and.callFake(((work: unknown) => {
        step += 1;
        return step === broken ? Promise.reject(new Error('ended')) : transaction(work);
      }) as never);
      await expectAsync(migrate(database)).toBeRejected();
      await database.close();

      const again = await openDatabase(join(folder, 'kitchen.sqlite'));
      expect(await isUpToDate(again.sequelize))
        .withContext(String(broken))
        .toBeFalse();
      await migrate(again);
      expect(await isUpToDate(again.sequelize)).toBeTrue();
      // It ended between a step and the note that it was done: the step is done once more.
      await again.sequelize.query('DELETE FROM migrations WHERE name = ?', {
        replacements: [MIGRATION_NAMES[broken]],
      });
      await migrate(again);
      await checkDatabase(again, MIGRATION_NAMES, true);
      expect(await count(again, 'recipes')).toBe(before);
      await again.close();
    }
  });
});
