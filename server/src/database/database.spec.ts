import { QueryTypes } from 'sequelize';
import { startTestServer } from '../testing/test-server.js';
import { openDatabase, type Database } from './database.js';
import { migrate } from './migrate.js';

describe('the database', () => {
  it('is set up to lose nothing that was acknowledged', async () => {
    const server = await startTestServer();
    const pragma = async (name: string): Promise<unknown> => {
      const [row] = await server.database.sequelize.query<Record<string, unknown>>(
        `PRAGMA ${name}`,
        {
          type: QueryTypes.SELECT,
        },
      );
      return Object.values(row!)[0];
    };
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await pragma('busy_timeout')).toBeGreaterThan(0);
    await server.close();
  });

  const pragmaIn = async (database: Database, name: string): Promise<unknown> => {
    const [row] = await database.sequelize.query<Record<string, unknown>>(`PRAGMA ${name}`, {
      type: QueryTypes.SELECT,
    });
    return Object.values(row!)[0];
  };

  it('sets every connection up alike: that of a transaction too', async () => {
    const { database, close } = await startTestServer();
    for (const work of ['write', 'snapshot'] as const) {
      const found = await database[work](async () => [
        await pragmaIn(database, 'busy_timeout'),
        await pragmaIn(database, 'synchronous'),
        await pragmaIn(database, 'foreign_keys'),
      ]);
      expect(found).withContext(work).toEqual([5000, 2, 1]);
    }
    await close();
  });

  it('lets one write at a time, each seeing what the one before wrote', async () => {
    const { database, close } = await startTestServer();
    await database.sequelize.query('CREATE TABLE tally (count INTEGER)');
    await database.sequelize.query('INSERT INTO tally VALUES (0)');
    const count = async (): Promise<number> => {
      const [row] = await database.sequelize.query<{ count: number }>('SELECT count FROM tally', {
        type: QueryTypes.SELECT,
      });
      return row!.count;
    };
    const addOne = (): Promise<unknown> =>
      database.write(async () => {
        const before = await count();
        return database.sequelize.query(`UPDATE tally SET count = ${before + 1}`);
      });
    await Promise.all(Array.from({ length: 20 }, addOne));
    expect(await count()).toBe(20);
    await close();
  });

  it('takes back all that a failed piece of work wrote, and counts only what stays', async () => {
    const { database, http, close } = await startTestServer();
    const before = await database.changes();
    const insert = database.write(async () => {
      await database.sequelize.query('UPDATE changes SET recipes = recipes + 5');
      await Promise.reject(new Error('half way'));
    });
    await expectAsync(insert).toBeRejected();
    expect(await database.changes()).toEqual(before);
    await http.post('/api/recipes').send({ text: 'Buns\n2 cups flour' }).expect(201);
    expect((await database.changes()).recipes).toBeGreaterThan(before.recipes);
    await close();
  });

  it('keeps everything over a restart, migrating again without harm', async () => {
    const server = await startTestServer();
    await server.http.post('/api/recipes').send({ text: 'Buns\n2 cups flour' }).expect(201);
    const again = await openDatabase(server.file);
    await migrate(again);
    const [row] = await again.sequelize.query<{ title: string }>('SELECT title FROM recipes', {
      type: QueryTypes.SELECT,
    });
    expect(row?.title).toBe('Buns');
    await again.close();
    await server.close();
  });
});
