import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { buildApp } from './app.js';
import { wasLeftOpen } from './areas/house/service.js';
import { buildAreas, type Areas } from './context/areas.js';
import { openDatabase, type Database } from './database/database.js';
import { checkDatabase, checkFile, openingTrouble } from './database/check.js';
import { copyDaily } from './database/copies.js';
import { MIGRATION_NAMES, migrate } from './database/migrate.js';
import { fillWithDemo } from './demo/fill.js';
import { openOven, openScale } from './devices/index.js';
import { House, announceHouse } from './house/index.js';
import { endEventStreams } from './http/event-stream.js';
import { readSettings, type Settings } from './settings.js';
import { closeChancePool } from './workers/chance-pool.js';

/** How long requests in flight may take once the server was asked to stop. */
const LAST_CALL_MILLISECONDS = 10_000;
const IDLE_LOOK_MILLISECONDS = 50;
/** How often it is looked whether a day has gone by since the last copy. */
const COPY_LOOK_MILLISECONDS = 60 * 60 * 1000;

/** The areas of a database that nobody uses yet: what goes wrong there ends the start. */
const areasOf = (database: Database): Areas =>
  buildAreas(
    database,
    () => new Date(),
    (error) => {
      throw error;
    },
  );

/** The database of these settings, looked at and brought up to date. @throws Error in a sentence */
async function openWhole({ database: file, checkWhole, demo }: Settings): Promise<Database> {
  checkFile(file);
  try {
    const database = await openDatabase(file);
    await checkDatabase(database, MIGRATION_NAMES, checkWhole);
    await migrate(database);
    await areasOf(database).imports.takeBackUnfinished();
    if (demo) await fillWithDemo(database);
    return database;
  } catch (error) {
    throw openingTrouble(file, error);
  }
}

async function start(): Promise<void> {
  const settings = readSettings(process.env);
  const logger = pino({ level: settings.logLevel });
  const database = await openWhole(settings);
  const copy = (): void => {
    copyDaily(database, new Date()).catch((error: unknown) =>
      logger.error({ err: error }, 'the daily copy could not be made'),
    );
  };
  copy();
  const copying = setInterval(copy, COPY_LOOK_MILLISECONDS);
  const scale = openScale();
  const oven = openOven();
  const house = new House(settings.house, () => new Date());
  const app = buildApp({ ...settings, database, logger, scale, oven, house });
  const server = createServer(app);

  const stop = (): void => {
    logger.info('stopping: finishing what is in flight');
    clearInterval(copying);
    scale.close();
    oven.close();
    endEventStreams();
    const closed = house.close();
    const timer = setTimeout(() => server.closeAllConnections(), LAST_CALL_MILLISECONDS);
    // A connection that is kept alive is idle once its answer is out.
    const idle = setInterval(() => server.closeIdleConnections(), IDLE_LOOK_MILLISECONDS);
    server.close(() => {
      clearTimeout(timer);
      clearInterval(idle);
      void Promise.all([closeChancePool(), closed.then(() => database.close())]).then(() =>
        process.exit(0),
      );
    });
    server.closeIdleConnections();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);

  server.once('error', (error: NodeJS.ErrnoException) => {
    const detail =
      error.code === 'EADDRINUSE'
        ? `Port ${settings.port} is taken. Choose another: PORT=4311 npm start`
        : error.message;
    console.error(detail);
    process.exit(1);
  });
  server.listen(settings.port, settings.host, () => {
    const { port } = server.address() as AddressInfo;
    console.log(`Ypsigram is at http://${settings.host}:${port}`);
    void openHouse();
  });

  async function openHouse(): Promise<void> {
    if (!settings.isHouseOpen && !(await wasLeftOpen(database))) return;
    try {
      await house.openFor(app);
      console.log(await announceHouse(house));
    } catch (error) {
      // Whoever sits at this machine goes on baking.
      console.error(`Other devices can’t come in: ${(error as Error).message}`);
    }
  }
}

start().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
