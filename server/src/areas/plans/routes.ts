import { Router } from 'express';
import { planRequest } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import type { RecipeService } from '../recipes/service.js';
import { planFor } from './service.js';

export function planRoutes(recipes: RecipeService): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await planFor(validBody(planRequest, request), recipes));
    })
    .all(onlyMethods('POST'));
  return router;
}
