import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes } from 'sequelize';
import { openDatabase } from '../database.js';
import { up } from './0012-import-parts.js';
import * as imports from './0007-imports.js';

describe('the step to imports in parts', () => {
  it('lists what earlier imports made and replaced, so that they can still be undone', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'ypsigram-parts-'));
    const database = await openDatabase(join(folder, 'old.sqlite'));
    const { sequelize } = database;
    const before = { id: 'rye', title: 'Rye', revision: 4 };
    await sequelize.transaction(async (transaction) => {
      await imports.up(sequelize, transaction);
      await sequelize.query('INSERT INTO imports VALUES (:id, :at, :created, :replaced)', {
        transaction,
        replacements: {
          id: 'first',
          at: '2026-03-02T06:00:00Z',
          created: JSON.stringify([
            { id: 'oats', revision: 1 },
            { id: 'knots', revision: 2 },
          ]),
          replaced: JSON.stringify([{ before, revision: 5 }]),
        },
      });
      await up(sequelize, transaction);
    });
    const rows = await sequelize.query<{ before: string | null }>(
      'SELECT import_id, recipe_id, revision, before FROM imported_recipes ORDER BY number',
      { type: QueryTypes.SELECT },
    );
    expect(rows.map(({ before: json, ...row }) => row as object)).toEqual([
      { import_id: 'first', recipe_id: 'oats', revision: 1 },
      { import_id: 'first', recipe_id: 'knots', revision: 2 },
      { import_id: 'first', recipe_id: 'rye', revision: 5 },
    ]);
    expect(rows.map(({ before: json }) => json && (JSON.parse(json) as unknown))).toEqual([
      null,
      null,
      before,
    ]);
    expect(await sequelize.query('SELECT * FROM imports', { type: QueryTypes.SELECT })).toEqual([
      { id: 'first', at: '2026-03-02T06:00:00Z', is_whole: 1 },
    ]);
    await database.close();
    rmSync(folder, { recursive: true });
  });
});
