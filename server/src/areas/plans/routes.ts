import { Router } from 'express';
import { planRequest } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { planFor, type OwnKitchen, type SavedRecipe } from './service.js';

export function planRoutes(savedRecipe: SavedRecipe, ownKitchen: OwnKitchen): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await planFor(validBody(planRequest, request), savedRecipe, ownKitchen));
    })
    .all(onlyMethods('POST'));
  return router;
}
