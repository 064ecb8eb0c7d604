import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import type { Sequelize } from 'sequelize';
import { buildApp } from '../app.js';
import { openDatabase } from '../database/connection.js';
import { migrate } from '../database/migrate.js';

/** A whole app on a database file of its own, in a folder that is thrown away. */
export interface Kitchen {
  readonly database: Sequelize;
  readonly file: string;
  readonly http: ReturnType<typeof request>;
  close(): Promise<void>;
}

export async function openKitchen(): Promise<Kitchen> {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-'));
  const file = join(folder, 'kitchen.sqlite');
  const database = await openDatabase(file);
  await migrate(database);
  const app = buildApp({
    database,
    logger: pino({ level: 'silent' }),
    host: '127.0.0.1',
    page: join(folder, 'no-page'),
    version: '9.9.9',
  });
  return {
    database,
    file,
    http: request(app),
    async close() {
      await database.close();
      rmSync(folder, { recursive: true });
    },
  };
}
