import { Router } from 'express';
import { conversionRequest, toConversionReply } from '@ypsigram/contract/quick';
import { ask } from '@ypsigram/core/quick';
import type { Standard } from '@ypsigram/core/units';
import type { KitchenContext } from '../../context/kitchen-context.js';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';

/** What the quick question needs of the areas. */
export interface ConversionContext {
  kitchen(): Promise<KitchenContext>;
  /** Whose cups and spoons this kitchen has. */
  standard(): Promise<Standard>;
}

/** Answers the quick question. Saves nothing. */
export function conversionRoutes(context: ConversionContext): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const { question, standard } = validBody(conversionRequest, request);
      const { drawer, shelf, scales, weighedIn, habits, hand } = await context.kitchen();
      const answer = ask(question, {
        standard: standard ?? (await context.standard()),
        drawer,
        shelf,
        scales,
        weighedIn,
        habits,
        hand,
      });
      response.json(toConversionReply(answer, shelf));
    })
    .all(onlyMethods('POST'));
  return router;
}
