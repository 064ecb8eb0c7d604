import { Router } from 'express';
import { timerDraft } from '@ypsigram/contract/oven';
import { onlyMethods } from '../../http/problem.js';
import { parseId, validBody } from '../../http/validate.js';
import type { TimerService } from './service.js';

const NO_ID = 'A timer has an id of its own.';

export function timerRoutes(timers: TimerService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      response.json(await timers.list());
    })
    .all(onlyMethods('GET'));
  router
    .route('/:id')
    .put(async (request, response) => {
      const id = parseId(request.params.id, NO_ID);
      response.json(await timers.set(id, validBody(timerDraft, request)));
    })
    .delete(async (request, response) => {
      await timers.stop(parseId(request.params.id, NO_ID));
      response.status(204).end();
    })
    .all(onlyMethods('PUT', 'DELETE'));
  return router;
}
