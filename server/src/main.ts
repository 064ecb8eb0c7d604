import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import { buildApp } from './app.js';
import { wasLeftOpen } from './areas/house/service.js';
import { buildAreas, type Areas } from './areas/all-areas.js';
import { openDatabase, type Database } from './database/database.js';
import { checkDatabase, checkFile, openingTrouble } from './database/check.js';
import { copyDaily } from './database/copies.js';
import { sweepLeftovers } from './database/leftovers.js';
import { lockDatabase, type DatabaseLock } from './database/lock.js';
import { MIGRATION_NAMES, migrate } from './database/migrate.js';
import { fillWithDemo } from './demo/fill.js';
import { openOven, openScale, openStandInWeb } from './devices/index.js';
import { HouseDoor } from './house/index.js';
import { endEventStreams } from './http/event-stream.js';
import { stillStarting } from './http/still-starting.js';
import { readSettings, type Settings } from './settings.js';
import { closePictures } from './areas/photos/picture-process.js';
import { closeChancePool } from './workers/chance-pool.js';
import { ownPortCommand } from './own-command.js';

/** How long requests in flight may take once the server was asked to stop. */
const LAST_CALL_MILLISECONDS = 10_000;
const IDLE_LOOK_MILLISECONDS = 50;
/** How often it is looked whether a day has gone by since the last copy. */
const COPY_LOOK_MILLISECONDS = 60 * 60 * 1000;
/** What is written is for the owner of the kitchen alone. */
const ONLY_OWNER = 0o077;
const LEFT_OPEN =
  'The house was left open, so the devices that are paired come in again. To close it: Settings, Devices.';

/**
 * The database of these settings, looked at and brought up to date. Call it only with the database
 * held and the port bound: a start that comes to nothing changes nothing. @throws Error in a sentence
 */
async function openWhole(
  { database: file, checkWhole, demo }: Settings,
  report: (error: unknown) => void,
): Promise<{ readonly database: Database; readonly areas: Areas }> {
  checkFile(file);
  try {
    sweepLeftovers(file);
    const database = await openDatabase(file);
    database.report = report;
    await checkDatabase(database, MIGRATION_NAMES, checkWhole);
    await migrate(database);
    const areas = buildAreas(database, () => new Date(), report);
    await areas.imports.takeBackUnfinished();
    if (demo) await fillWithDemo(database, areas);
    return { database, areas };
  } catch (error) {
    throw openingTrouble(file, error);
  }
}

/** Holds the database for this process alone. @throws Error in a sentence */
async function hold(file: string): Promise<DatabaseLock> {
  try {
    return await lockDatabase(file);
  } catch (error) {
    throw openingTrouble(file, error);
  }
}

/** Binds the machine's own door. @throws Error in a sentence when its port is taken */
async function bind(server: Server, { port, host }: Settings): Promise<string> {
  await new Promise<void>((listening, failed) => {
    server.once('error', ({ code, message }: NodeJS.ErrnoException) =>
      failed(
        new Error(
          code === 'EADDRINUSE'
            ? `Port ${port} is taken. Choose another: ${ownPortCommand('PORT', 4312)}`
            : message,
        ),
      ),
    );
    server.listen(port, host, listening);
  });
  return `http://${host}:${(server.address() as AddressInfo).port}`;
}

async function start(): Promise<void> {
  process.umask(ONLY_OWNER);
  const settings = readSettings(process.env);
  const logger = pino({ level: settings.logLevel });
  const lock = await hold(settings.database);
  let answer: RequestListener = stillStarting;
  const server = createServer((request, response) => answer(request, response));
  const address = await bind(server, settings);
  lock.tellAddress(address);
  const report = (err: unknown): void =>
    logger.error({ err }, 'something that nobody waited for went wrong');
  const { database, areas } = await openWhole(settings, report);
  const copy = (): void => {
    copyDaily(database, new Date()).catch((error: unknown) =>
      logger.error({ err: error }, 'the daily copy could not be made'),
    );
  };
  copy();
  const copying = setInterval(copy, COPY_LOOK_MILLISECONDS);
  const scale = openScale();
  const oven = openOven();
  const house = new HouseDoor(
    settings.house,
    () => new Date(),
    (err) => logger.error({ err }, 'the certificate of the house could not be renewed'),
  );
  // Only the demo has pages of its own to show how a recipe is got from the web.
  const standIn = settings.demo ? await openStandInWeb() : null;
  const app = buildApp({
    ...settings,
    database,
    areas,
    logger,
    report,
    scale,
    oven,
    house,
    standIn,
  });
  const stop = (): void => {
    logger.info('stopping: finishing what is in flight');
    clearInterval(copying);
    scale.close();
    oven.close();
    standIn?.close();
    endEventStreams();
    const closed = house.close();
    const timer = setTimeout(() => server.closeAllConnections(), LAST_CALL_MILLISECONDS);
    // A connection that is kept alive is idle once its answer is out.
    const idle = setInterval(() => server.closeIdleConnections(), IDLE_LOOK_MILLISECONDS);
    server.close(() => {
      clearTimeout(timer);
      clearInterval(idle);
      void Promise.all([closeChancePool(), closePictures(), closed])
        .then(() => database.close())
        .then(() => lock.release())
        .then(() => process.exit(0), failed);
    });
    server.closeIdleConnections();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);

  answer = app;
  console.log(`Ypsigram is at ${address}`);
  await openHouse();

  async function openHouse(): Promise<void> {
    const isLeftOpen = !settings.isHouseOpen && (await wasLeftOpen(database));
    if (!settings.isHouseOpen && !isLeftOpen) return;
    try {
      await house.openFor(app);
      if (isLeftOpen) console.log(LEFT_OPEN);
      const { announceHouse } = await import('./house/announce.js');
      console.log(await announceHouse(house));
    } catch (error) {
      // Whoever sits at this machine goes on baking.
      console.error(`Other devices can’t come in: ${(error as Error).message}`);
    }
  }
}

function failed(error: unknown): never {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}

start().catch(failed);
