import { Router } from 'express';
import { chanceRequest, planRequest } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { chancesFor } from './chances.js';
import { planFor, type PlanContext } from './service.js';

export function planRoutes(context: PlanContext): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await planFor(validBody(planRequest, request), context));
    })
    .all(onlyMethods('POST'));
  return router;
}

export function chanceRoutes(context: PlanContext): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      response.json(await chancesFor(validBody(chanceRequest, request), context));
    })
    .all(onlyMethods('POST'));
  return router;
}
