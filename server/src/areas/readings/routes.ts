import { Router } from 'express';
import { readingRequest, toReadingReply } from '@ypsigram/contract';
import { readRecipe } from '@ypsigram/core/reading';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';

/** Reads a text and forgets it. */
export function readingRoutes(): Router {
  const router = Router();
  router
    .route('/')
    .post((request, response) => {
      const { text, standard } = validBody(readingRequest, request);
      response.json(toReadingReply(readRecipe(text, standard)));
    })
    .all(onlyMethods('POST'));
  return router;
}
