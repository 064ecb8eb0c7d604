import compression from 'compression';
import express, { Router, type Express, type RequestHandler } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import {
  LARGEST_BODY_BYTES,
  LARGEST_IMPORT_BYTES,
  LARGEST_KITCHEN_BYTES,
} from '@ypsigram/contract';
import { authorRoutes } from './areas/authors/routes.js';
import { bakeRoutes } from './areas/bakes/routes.js';
import { backupRoutes } from './areas/backup/routes.js';
import { changesRoutes } from './areas/changes/routes.js';
import { toldChanges } from './areas/changes/told-changes.js';
import { classRoutes, joinedClassRoutes } from './areas/classes/routes.js';
import { conversionRoutes } from './areas/conversions/routes.js';
import { exportRoutes } from './areas/exports/routes.js';
import { logRoutes } from './areas/log/routes.js';
import { healthRoutes } from './areas/health/routes.js';
import { devices as devicesOf } from './areas/house/devices.js';
import { onlyPaired } from './areas/house/only-paired.js';
import { houseRoutes } from './areas/house/routes.js';
import { houseService } from './areas/house/service.js';
import { importRoutes } from './areas/imports/routes.js';
import { kitchenRoutes } from './areas/kitchen/routes.js';
import { openApiRoutes } from './areas/openapi/routes.js';
import { chanceRoutes, planRoutes } from './areas/plans/routes.js';
import { planFor } from './areas/plans/service.js';
import { photoRoutes } from './areas/photos/routes.js';
import { practiceRoutes } from './areas/practice/routes.js';
import { readingRoutes } from './areas/readings/routes.js';
import { recipeRoutes } from './areas/recipes/routes.js';
import { scaleRoutes } from './areas/scale/routes.js';
import { thermometerRoutes } from './areas/thermometer/routes.js';
import { timerRoutes } from './areas/timers/routes.js';
import { trialRoutes } from './areas/trials/routes.js';
import { webPageRoutes, type StandIn } from './areas/web-pages/routes.js';
import type { SimulatedOven } from './devices/simulated/oven.js';
import type { SimulatedScale } from './devices/simulated/scale.js';
import type { Areas } from './areas/all-areas.js';
import type { Database } from './database/database.js';
import { comingFolder } from './database/leftovers.js';
import { addressesNow, namesNow, type HouseDoor } from './house/index.js';
import { onlyOwnHost } from './http/own-host.js';
import { pageIdOf, pageRoutes } from './http/page.js';
import { answerErrors } from './http/answer-errors.js';
import { notFound } from './http/problem.js';
import { rememberPage } from './http/writing-page.js';
import {
  makeNonce,
  onlyTlsAtHouse,
  pagePolicy,
  RECOGNITION,
  recognitionPolicy,
  securityHeaders,
} from './http/security.js';

/** What the app is built from. */
export interface Parts {
  readonly database: Database;
  /** The one set of areas of this database. */
  readonly areas: Areas;
  readonly logger: Logger;
  /** Takes what goes wrong where nobody waits for an answer. */
  readonly report: (error: unknown) => void;
  /** The address of this machine's own door: decides under which names requests are taken there. */
  readonly host: string;
  /** Folder of the built page. */
  readonly page: string;
  readonly version: string;
  readonly scale: SimulatedScale;
  readonly oven: SimulatedOven;
  /** The door for other devices. */
  readonly house: HouseDoor;
  /** Pages that stand in for the web, beside which only the web itself is asked. */
  readonly standIn: StandIn | null;
  readonly now?: () => Date;
}

/** `open` opens the house for the whole app. */
function api(
  {
    database,
    areas,
    house,
    report,
    page,
    version,
    scale,
    oven,
    standIn,
    now = () => new Date(),
  }: Parts,
  open: () => Promise<void>,
): Router {
  const { kitchen, trials, authors, recipes, imports, backups, bakes, hand, kitchenContext } =
    areas;
  const shelf = async () => (await kitchenContext()).shelf;
  const author = (id: string | null) => authors.known(id);
  const devices = devicesOf(database, now, house.removed);
  const router = Router();
  const coming = comingFolder(database.file);
  const smallBody = express.json({ limit: LARGEST_BODY_BYTES });
  router.use(
    '/house',
    smallBody,
    houseRoutes({ house, devices, service: houseService(database, house, devices, open) }),
  );
  router.use('/classes/joined', smallBody, joinedClassRoutes(areas.classes));
  // From here on nobody reads or writes who was not let in.
  router.use(onlyPaired(devices));
  // The whole kitchen is sent at once, and may be larger than any recipe.
  router.use('/kitchen', express.json({ limit: LARGEST_KITCHEN_BYTES }));
  // A backup is as large as it is: it is taken in as a stream.
  router.use('/backup', backupRoutes(backups, coming));
  // A photo is sent as it is.
  router.use('/photos', photoRoutes(areas.photos, coming));
  router.use('/imports', express.json({ limit: LARGEST_IMPORT_BYTES }));
  router.use(smallBody);
  router.use('/health', healthRoutes(version, pageIdOf(page)));
  router.use('/openapi.json', openApiRoutes(version));
  router.use('/readings', readingRoutes({ kitchen: kitchenContext, author }));
  router.use(
    '/conversions',
    conversionRoutes({
      kitchen: kitchenContext,
      standard: async () => (await kitchen.read()).standard,
    }),
  );
  const planning = { ...areas.planning, changes: () => database.changes() };
  router.use('/plans', planRoutes(planning));
  router.use('/chances', chanceRoutes(planning));
  router.use('/kitchen', kitchenRoutes(kitchen));
  router.use('/trials', trialRoutes(trials));
  router.use('/authors', authorRoutes(authors));
  router.use('/scale', scaleRoutes(scale, { kitchen: () => kitchen.read(), shelf, hand }));
  router.use('/recipes', recipeRoutes(recipes));
  router.use('/bakes', bakeRoutes(bakes));
  router.use('/timers', timerRoutes(areas.timers));
  router.use('/practice', practiceRoutes(areas.practice));
  router.use('/classes', classRoutes(areas.classes));
  router.use('/changes', changesRoutes(toldChanges(database, report)));
  router.use('/thermometer', thermometerRoutes(oven));
  router.use(
    '/log',
    logRoutes({
      outcomes: (id) => bakes.outcomes(id),
      outcomeTexts: () => bakes.outcomeTexts(),
      learned: (id) => areas.learned.ofRecipe(id),
      handNames: async () =>
        new Map((await kitchen.read()).hands.map(({ id, name }) => [id, name])),
    }),
  );
  router.use(
    '/exports',
    exportRoutes({
      shelf,
      now,
      plan: (recipeId, factor, cups) =>
        planFor(
          {
            recipeId,
            batch: { by: 'factor', factor },
            ...(cups && { drawer: { standard: cups } }),
          },
          areas.planning,
        ),
      chart: async () => {
        const { drawer, hand: known, toolSpreads } = await kitchenContext();
        return { drawer, known, toolSpreads, standard: (await kitchen.read()).standard };
      },
      recipes: () => recipes.all(),
      authors: () => authors.names(),
      proven: (recipe) => areas.provenOf(recipe),
    }),
  );
  router.use('/imports', importRoutes(imports));
  router.use(
    '/web-pages',
    webPageRoutes({ isOn: async () => (await kitchen.read()).getsWebPages, shelf, standIn }),
  );
  router.use(() => {
    throw notFound('There is nothing at this address. GET /api/openapi.json lists what there is.');
  });
  return router;
}

/** Logs every request where that is wanted; a failure is logged in any case. */
function requestLog(logger: Logger): RequestHandler {
  if (logger.isLevelEnabled('info')) return pinoHttp({ logger, quietReqLogger: true });
  return (request, _response, next) => {
    request.log = logger;
    next();
  };
}

/** Builds the whole Express app, without a port. */
export function buildApp(parts: Parts): Express {
  const app = express();
  app.disable('x-powered-by');
  // What the API answers is never asked for again unchanged; the page's files have tags of their own.
  app.disable('etag');
  app.use(requestLog(parts.logger));
  app.use(securityHeaders(), onlyTlsAtHouse());
  app.use(
    onlyOwnHost(({ secure }) => (secure ? [...addressesNow(), ...namesNow()] : [parts.host])),
  );
  app.use(compression());
  app.use(rememberPage);
  app.use(
    '/api',
    api(parts, () => parts.house.openFor(app)),
  );
  app.use(makeNonce, pagePolicy());
  app.use(RECOGNITION, recognitionPolicy());
  app.use(pageRoutes(parts.page));
  app.use(answerErrors(parts.database.file));
  return app;
}
