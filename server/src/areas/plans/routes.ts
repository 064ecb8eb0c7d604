import { Router } from 'express';
import { chanceRequest, planRequest } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { chancesFor } from './chances.js';
import { planFor, type Surroundings } from './service.js';

export function planRoutes(around: Surroundings): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await planFor(validBody(planRequest, request), around));
    })
    .all(onlyMethods('POST'));
  return router;
}

export function chanceRoutes(around: Surroundings): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await chancesFor(validBody(chanceRequest, request), around));
    })
    .all(onlyMethods('POST'));
  return router;
}
