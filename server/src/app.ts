import compression from 'compression';
import express, { Router, type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Sequelize } from 'sequelize';
import { LARGEST_BODY_BYTES, drawerOfKitchen } from '@ypsigram/contract';
import { shelfOf } from '@ypsigram/core/catalogue';
import { healthRoutes } from './areas/health/routes.js';
import { kitchenRoutes } from './areas/kitchen/routes.js';
import { kitchenService } from './areas/kitchen/service.js';
import { openApiRoutes } from './areas/openapi/routes.js';
import { planRoutes } from './areas/plans/routes.js';
import { readingRoutes } from './areas/readings/routes.js';
import { recipeRoutes } from './areas/recipes/routes.js';
import { recipeService } from './areas/recipes/service.js';
import { onlyOwnHost, ownHosts } from './http/own-host.js';
import { pageRoutes } from './http/page.js';
import { answerErrors, notFound } from './http/problem.js';
import { securityHeaders } from './http/security.js';

/** What the app is built from. */
export interface Parts {
  readonly database: Sequelize;
  readonly logger: Logger;
  /** The address listened on: decides under which names requests are taken. */
  readonly host: string;
  /** Folder of the built page. */
  readonly page: string;
  readonly version: string;
  readonly now?: () => Date;
}

function api({ database, version, now = () => new Date() }: Parts): Router {
  const kitchen = kitchenService(database);
  const recipes = recipeService(database, { now, kitchen: () => kitchen.read() });
  const own = async () => {
    const current = await kitchen.read();
    return { drawer: drawerOfKitchen(current), shelf: shelfOf(current.weights) };
  };
  const router = Router();
  router.use(express.json({ limit: LARGEST_BODY_BYTES }));
  router.use('/health', healthRoutes(version));
  router.use('/openapi.json', openApiRoutes(version));
  router.use(
    '/readings',
    readingRoutes(async () => (await own()).shelf),
  );
  router.use(
    '/plans',
    planRoutes((id) => recipes.read(id), own),
  );
  router.use('/kitchen', kitchenRoutes(kitchen));
  router.use('/recipes', recipeRoutes(recipes));
  router.use(() => {
    throw notFound('There is nothing at this address. GET /api/openapi.json lists what there is.');
  });
  return router;
}

/** Builds the whole Express app, without a port. */
export function buildApp(parts: Parts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: parts.logger, quietReqLogger: true }));
  app.use(securityHeaders());
  app.use(onlyOwnHost(ownHosts(parts.host)));
  app.use(compression());
  app.use('/api', api(parts));
  app.use(pageRoutes(parts.page));
  app.use(answerErrors);
  return app;
}
