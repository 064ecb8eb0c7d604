import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes } from 'sequelize';
import sharp from 'sharp';
import { photoService } from '../../areas/photos/service.js';
import { openDatabase } from '../database.js';
import { migrate } from '../migrate.js';
import { name, up } from './0018-never-lost.js';

describe('the step to pictures by content, logical time and longer codes', () => {
  it('keeps photos, readings and timers of before, and gives classes codes that can’t be guessed', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'ypsigram-0018-'));
    const file = join(folder, 'kitchen.sqlite');
    const database = await openDatabase(file);
    await migrate(database);
    const run = (statement: string) => database.sequelize.query(statement);
    const rows = (statement: string) =>
      database.sequelize.query<Record<string, unknown>>(statement, { type: QueryTypes.SELECT });
    // As an earlier version left it.
    await run(`DELETE FROM migrations WHERE name = '${name}'`);
    await run('ALTER TABLE photos DROP COLUMN picture');
    await run('ALTER TABLE timers DROP COLUMN stopped_at');
    await run('ALTER TABLE bake_readings DROP COLUMN logical');
    const photo = randomUUID();
    await run(`INSERT INTO photos (id, width, height) VALUES ('${photo}', 40, 30)`);
    await run(
      `INSERT INTO classes (id, code, name, tasks, created_at)
        VALUES ('c', 'ACD3', 'Morning', '[]', '2026-03-14T09:00:00.000Z')`,
    );
    await run(
      `INSERT INTO bake_readings (id, bake_id, at, device, act)
        VALUES ('r', 'b', '2026-03-14T09:00:00.000Z', 'tablet', '{"do":"good","isGood":true}')`,
    );
    mkdirSync(`${file}-photos`);
    const picture = await sharp({
      create: { width: 40, height: 30, channels: 3, background: '#b57a35' },
    })
      .jpeg()
      .toBuffer();
    writeFileSync(join(`${file}-photos`, `${photo}.jpg`), picture);

    await migrate(database);
    // Twice does no harm: a crash may fall between the step and its entry.
    await database.sequelize.transaction((transaction) => up(database.sequelize, transaction));
    const photos = photoService(database);
    expect(await photos.find(photo, 'large')).toContain(`${photo}.jpg`);
    for await (const [one] of photos.part.dump(false, fail)) {
      expect(one!.jpeg).toBe(picture.toString('base64'));
    }
    const [found] = await rows('SELECT code FROM classes');
    expect(found!['code']).toMatch(/^[A-Z0-9]{7}$/);
    expect(await rows('SELECT logical FROM bake_readings')).toEqual([{ logical: null }]);
    await database.close();
    rmSync(folder, { recursive: true });
  });
});
