import { Router } from 'express';
import { readingRequest, toReadingReply } from '@ypsigram/contract';
import { originOf } from '@ypsigram/core/reading';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { readOwn, type AuthorKnowledge, type OwnKitchen } from '../../own-kitchen.js';

/** What reading needs from elsewhere. */
export interface Surroundings {
  kitchen(): Promise<OwnKitchen>;
  author(id: string | null): Promise<AuthorKnowledge>;
}

/** Reads a text and forgets it. */
export function readingRoutes(around: Surroundings): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const {
        text,
        standard = 'us-customary',
        authorId,
        answers,
      } = validBody(readingRequest, request);
      const own = await around.kitchen();
      const author = await around.author(authorId ?? null);
      const reading = readOwn({ text, standard, answers }, own, author);
      response.json(toReadingReply(reading, own.shelf, author.weights, originOf(text)));
    })
    .all(onlyMethods('POST'));
  return router;
}
