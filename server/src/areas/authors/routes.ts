import { Router } from 'express';
import { authorDraft, authorReplacement } from '@ypsigram/contract';
import { parseId, validBody } from '../../http/validate.js';
import { onlyMethods } from '../../http/problem.js';
import { removeOne, restoreRoute } from '../../http/removal.js';
import type { AuthorService } from './service.js';

const GONE = 'There is no such author.';

export function authorRoutes(authors: AuthorService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      response.json({ items: await authors.list() });
    })
    .post(async (request, response) => {
      const author = await authors.create(validBody(authorDraft, request));
      response.status(201).location(`/api/authors/${author.id}`).json(author);
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/:id')
    .get(async (request, response) => {
      response.json(await authors.read(parseId(request.params.id, GONE)));
    })
    .put(async (request, response) => {
      const replacement = validBody(authorReplacement, request);
      response.json(await authors.replace(parseId(request.params.id, GONE), replacement));
    })
    .delete(removeOne(authors, GONE))
    .all(onlyMethods('GET', 'PUT', 'DELETE'));
  restoreRoute(router, authors, GONE);
  return router;
}
