import { QueryTypes } from 'sequelize';
import { startTestServer } from '../testing/test-server.js';
import { openDatabase } from './database.js';
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
