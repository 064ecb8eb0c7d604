import { Router } from 'express';
import { readingRequest, toReadingReply } from '@ypsigram/contract';
import { originOf } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import {
  readInKitchen,
  type AuthorKnowledge,
  type KitchenContext,
} from '../../context/kitchen-context.js';

/** What reading needs of the areas. */
export interface ReadingsContext {
  kitchen(): Promise<KitchenContext>;
  author(id: string | null): Promise<AuthorKnowledge>;
}

/** Reads a text and forgets it. */
export function readingRoutes(context: ReadingsContext): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const {
        text,
        standard = USUAL_STANDARD,
        authorId,
        answers,
      } = validBody(readingRequest, request);
      const kitchen = await context.kitchen();
      const author = await context.author(authorId ?? null);
      const reading = readInKitchen({ text, standard, answers }, kitchen, author);
      response.json(
        toReadingReply(reading, kitchen.shelf, author.weights, originOf(text, kitchen.shelf)),
      );
    })
    .all(onlyMethods('POST'));
  return router;
}
