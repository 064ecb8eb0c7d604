import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { buildApp } from '../app.js';
import { buildAreas, type Areas } from '../areas/all-areas.js';
import type { Express } from 'express';
import { openOven, openScale } from '../devices/index.js';
import type { StandIn } from '../areas/web-pages/routes.js';
import type { SimulatedScale } from '../devices/simulated/scale.js';
import { openDatabase, type Database } from '../database/database.js';
import { HouseDoor } from '../house/index.js';
import { migrate } from '../database/migrate.js';

/** A whole app on a database file of its own, in a folder that is thrown away. */
export interface TestServer {
  readonly database: Database;
  readonly areas: Areas;
  readonly file: string;
  readonly app: Express;
  /** What went wrong where nobody waited; a spec that means it to takes it out, or `close` throws. */
  readonly reported: unknown[];
  readonly scale: SimulatedScale;
  readonly house: HouseDoor;
  readonly http: ReturnType<typeof request>;
  close(): Promise<void>;
}

let emptyKitchen: Promise<string> | null = null;

/** The file of a kitchen that nobody has used; it goes with the process. */
async function makeEmptyKitchen(): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-empty-'));
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
  const file = join(folder, 'kitchen.sqlite');
  const database = await openDatabase(file);
  await migrate(database);
  await database.close();
  return file;
}

/** `now` is the clock of the server, the one of the machine unless given; `standIn` the web that it may ask. */
export async function startTestServer(
  now = (): Date => new Date(),
  standIn: StandIn | null = null,
): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'ypsigram-'));
  const file = join(folder, 'kitchen.sqlite');
  // An empty kitchen is made once, and copied for every spec.
  copyFileSync(await (emptyKitchen ??= makeEmptyKitchen()), file);
  const database = await openDatabase(file);
  const reported: unknown[] = [];
  const report = (error: unknown): void => void reported.push(error);
  const areas = buildAreas(database, now, report);
  const scale = openScale();
  const oven = openOven();
  const house = new HouseDoor({ host: '127.0.0.1', port: 0, folder: join(folder, 'house') }, now);
  const app = buildApp({
    database,
    areas,
    logger: pino({ level: 'silent' }),
    report,
    host: '127.0.0.1',
    page: join(folder, 'no-page'),
    version: '9.9.9',
    scale,
    oven,
    house,
    standIn,
    now,
  });
  return {
    database,
    areas,
    file,
    reported,
    app,
    scale,
    house,
    http: request(app),
    async close() {
      await house.close();
      scale.close();
      oven.close();
      await database.close();
      rmSync(folder, { recursive: true });
      if (reported.length > 0) throw new AggregateError(reported, 'Nobody waited for it.');
    },
  };
}
