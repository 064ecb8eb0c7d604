import { Router } from 'express';
import { practiceTryDraft } from '@ypsigram/contract/practice';
import { onlyMethods } from '../../http/problem.js';
import { parseId, validBody } from '../../http/validate.js';
import type { PracticeService } from './service.js';

const NO_ID = 'A try has an id of its own.';

export function practiceRoutes(practice: PracticeService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      response.json({ items: await practice.list() });
    })
    .all(onlyMethods('GET'));
  router
    .route('/:id')
    .put(async (request, response) => {
      const id = parseId(request.params.id, NO_ID);
      response.json(await practice.add(id, validBody(practiceTryDraft, request)));
    })
    .delete(async (request, response) => {
      await practice.remove(parseId(request.params.id, NO_ID));
      response.status(204).end();
    })
    .all(onlyMethods('PUT', 'DELETE'));
  return router;
}
