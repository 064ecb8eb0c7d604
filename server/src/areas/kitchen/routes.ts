import { Router } from 'express';
import { kitchenReplacement } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { csvBody, importFrom, sendTable } from '../../tables/csv-http.js';
import { validBody } from '../../http/validate.js';
import type { KitchenService } from './service.js';

export function kitchenRoutes(kitchen: KitchenService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      response.json(await kitchen.read());
    })
    .put(async (request, response) => {
      response.json(await kitchen.replace(validBody(kitchenReplacement, request)));
    })
    .all(onlyMethods('GET', 'PUT'));
  router
    .route('/weights/csv')
    .get(async (_request, response) => {
      sendTable(response, 'own-weights.csv', await kitchen.exportWeights());
    })
    .post(csvBody, async (request, response) => {
      response.json(await importFrom(request, (text, dry) => kitchen.importWeights(text, dry)));
    })
    .all(onlyMethods('GET', 'POST'));
  return router;
}
