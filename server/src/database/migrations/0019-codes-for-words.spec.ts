import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes } from 'sequelize';
import { makesText, measureText, weightText, type Bake } from '@ypsigram/contract';
import { openDatabase } from '../database.js';
import { migrate } from '../migrate.js';
import { name } from './0019-codes-for-words.js';

const OF_BEFORE = {
  title: 'Knots',
  makes: '36 knots',
  lines: [
    {
      id: 'a',
      weight: { grams: 219, grid: 1, shown: '219 g' },
      measure: {
        method: 'spooned',
        fills: [
          { tool: '1 cup', count: 1, kind: 'cup', mark: '1', millilitres: 236.6, size: 'cup' },
          { tool: '1/4 cup', count: 3, kind: 'cup', mark: '1/4', millilitres: 59.1, size: 'cup' },
        ],
        shown: '1 3/4 cups',
        grams: 219,
        spread: 0.04,
      },
    },
    { id: 'b', weight: null, measure: null },
  ],
};

describe('the step from words to codes', () => {
  it('keeps what a bake was planned to take, and touches no reading', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'ypsigram-0019-'));
    const database = await openDatabase(join(folder, 'kitchen.sqlite'));
    await migrate(database);
    const rows = <T>(statement: string) =>
      database.sequelize.query<T & object>(statement, { type: QueryTypes.SELECT });
    const run = (statement: string, replacements: string[] = []) =>
      database.sequelize.query(statement, { replacements });
    // As an earlier version left it.
    await run(`DELETE FROM migrations WHERE name = '${name}'`);
    const act = '{"do":"cover","line":"a","isCovered":true}';
    for (const [id, makes] of [
      ['b1', '36 knots'],
      ['b2', null],
    ]) {
      await database.sequelize.query(
        `INSERT INTO bakes (id, recipe_id, recipe_revision, plan, begun_at, changed_at, title, factor, makes, stage, ready, line_count)
         VALUES (?, 'r', 1, ?, '2026-03-14T09:00:00.000Z', '2026-03-14T09:00:00.000Z', 'Knots', '2', ?, 'bench', 0, 2)`,
        { replacements: [id, JSON.stringify({ ...OF_BEFORE, makes }), makes] },
      );
    }
    await run(
      `INSERT INTO bake_readings (id, bake_id, at, device, act)
        VALUES ('x', 'b1', '2026-03-14T09:00:00.000Z', 'tablet', ?)`,
      [act],
    );

    await migrate(database);
    const [first, second] = await rows<{ plan: string; makes: string | null }>(
      'SELECT plan, makes FROM bakes ORDER BY number',
    );
    const plan = JSON.parse(first!.plan) as Bake['plan'];
    const [flour, other] = plan.lines;
    expect(measureText(flour!.measure!)).toBe('1 3/4 cups');
    expect(weightText(flour!.weight!)).toBe('219 g');
    expect(other!.measure).toBeNull();
    expect(makesText(plan.makes!)).toBe('36 knots');
    expect(JSON.parse(first!.makes!)).toEqual({ count: '36', noun: 'knots', written: null });
    expect(second!.makes).toBeNull();
    expect(await rows('SELECT act FROM bake_readings')).toEqual([{ act }]);
    await database.close();
    rmSync(folder, { recursive: true });
  });
});
