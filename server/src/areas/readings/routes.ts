import { Router } from 'express';
import { readingRequest, toReadingReply } from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';

/** Reads a text and forgets it. */
export function readingRoutes(ownShelf: () => Promise<Shelf>): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const { text, standard } = validBody(readingRequest, request);
      response.json(toReadingReply(readRecipe(text, standard), await ownShelf()));
    })
    .all(onlyMethods('POST'));
  return router;
}
