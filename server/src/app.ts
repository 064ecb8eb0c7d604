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
import { conversionRoutes } from './areas/conversions/routes.js';
import { exportRoutes } from './areas/exports/routes.js';
import { logRoutes } from './areas/log/routes.js';
import { healthRoutes } from './areas/health/routes.js';
import { importRoutes } from './areas/imports/routes.js';
import { kitchenRoutes } from './areas/kitchen/routes.js';
import { openApiRoutes } from './areas/openapi/routes.js';
import { chanceRoutes, planRoutes } from './areas/plans/routes.js';
import { photoRoutes } from './areas/photos/routes.js';
import { readingRoutes } from './areas/readings/routes.js';
import { recipeRoutes } from './areas/recipes/routes.js';
import { scaleRoutes } from './areas/scale/routes.js';
import { thermometerRoutes } from './areas/thermometer/routes.js';
import { timerRoutes } from './areas/timers/routes.js';
import { trialRoutes } from './areas/trials/routes.js';
import type { SimulatedOven } from './devices/simulated/oven.js';
import type { SimulatedScale } from './devices/simulated/scale.js';
import { buildAreas } from './context/areas.js';
import type { Database } from './database/database.js';
import { onlyOwnHost, ownHosts } from './http/own-host.js';
import { pageRoutes } from './http/page.js';
import { answerErrors } from './http/answer-errors.js';
import { notFound } from './http/problem.js';
import { makeNonce, pagePolicy, securityHeaders } from './http/security.js';

/** What the app is built from. */
export interface Parts {
  readonly database: Database;
  readonly logger: Logger;
  /** The address listened on: decides under which names requests are taken. */
  readonly host: string;
  /** Folder of the built page. */
  readonly page: string;
  readonly version: string;
  readonly scale: SimulatedScale;
  readonly oven: SimulatedOven;
  readonly now?: () => Date;
}

function api({ database, logger, version, scale, oven, now = () => new Date() }: Parts): Router {
  const report = (err: unknown): void => logger.error({ err }, 'a recipe could not be worked out');
  const areas = buildAreas(database, now, report);
  const { kitchen, trials, authors, recipes, imports, backups, bakes, hand, kitchenContext } =
    areas;
  const shelf = async () => (await kitchenContext()).shelf;
  const author = (id: string | null) => authors.known(id);
  const router = Router();
  // The whole kitchen is sent at once, and may be larger than any recipe.
  router.use('/kitchen', express.json({ limit: LARGEST_KITCHEN_BYTES }));
  // A backup is as large as it is: it is taken in as a stream.
  router.use('/backup', backupRoutes(backups));
  // A photo is sent as it is.
  router.use('/photos', photoRoutes(areas.photos));
  router.use('/imports', express.json({ limit: LARGEST_IMPORT_BYTES }));
  router.use(express.json({ limit: LARGEST_BODY_BYTES }));
  router.use('/health', healthRoutes(version));
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
      recipes: () => recipes.all(),
      authors: () => authors.list(),
      proven: (recipe) => areas.provenOf(recipe),
    }),
  );
  router.use('/imports', importRoutes(imports));
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
  app.use(securityHeaders());
  app.use(onlyOwnHost(ownHosts(parts.host)));
  app.use(compression());
  app.use('/api', api(parts));
  app.use(makeNonce, pagePolicy(), pageRoutes(parts.page));
  app.use(answerErrors);
  return app;
}
