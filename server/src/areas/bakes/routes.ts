import { Router } from 'express';
import { bakeDraft, bakeQuery, bakeReadingQuery, readingsDraft } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { removeOne, restoreRoute } from '../../http/removal.js';
import { parseId, validate, validBody } from '../../http/validate.js';
import type { BakeService } from './service.js';
import { streamBake } from './stream.js';

const GONE = 'There is no such bake.';

export function bakeRoutes(bakes: BakeService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (request, response) => {
      response.json({ items: await bakes.list(validate(bakeQuery, request.query)) });
    })
    .post(async (request, response) => {
      const begun = await bakes.begin(validBody(bakeDraft, request));
      response.status(201).location(`/api/bakes/${begun.id}`).json(begun);
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/:id')
    .get(async (request, response) => {
      response.json(await bakes.read(parseId(request.params.id, GONE)));
    })
    .delete(removeOne(bakes, GONE))
    .all(onlyMethods('GET', 'DELETE'));
  router
    .route('/:id/readings')
    .get(async (request, response) => {
      const { after } = validate(bakeReadingQuery, request.query);
      response.json({ items: await bakes.readings(parseId(request.params.id, GONE), after) });
    })
    .post(async (request, response) => {
      const id = parseId(request.params.id, GONE);
      const items = await bakes.append(id, validBody(readingsDraft, request));
      response.status(201).json({ items });
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/:id/plan')
    .post(async (request, response) => {
      response.status(201).json(await bakes.takeNewText(parseId(request.params.id, GONE)));
    })
    .all(onlyMethods('POST'));
  router
    .route('/:id/stream')
    .get((request, response) =>
      streamBake(bakes, parseId(request.params.id, GONE), request, response),
    )
    .all(onlyMethods('GET'));
  restoreRoute(router, bakes, GONE);
  return router;
}
