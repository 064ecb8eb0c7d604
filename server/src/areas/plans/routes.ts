import { Router } from 'express';
import { LRUCache } from 'lru-cache';
import { chanceRequest, planRequest } from '@ypsigram/contract';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { chancesFor } from './chances.js';
import { planFor, type PlanContext } from './service.js';

/** Plans that are remembered until something in the database changes. */
const PLANS_REMEMBERED = 200;

/** What the routes need: what planning needs, and something that tells when a plan is out of date. */
export interface PlanRoutesContext extends PlanContext {
  /** Counters that only rise, one for each area. */
  changes(): Promise<object>;
}

export function planRoutes(context: PlanRoutesContext): Router {
  const router = Router();
  const remembered = new LRUCache<string, string>({ max: PLANS_REMEMBERED });
  router
    .route('/')
    .post(async (request, response) => {
      const asked = validBody(planRequest, request);
      // Read before the plan is made: one that a change overtakes is remembered for nobody.
      const key = JSON.stringify([await context.changes(), asked]);
      let plan = remembered.get(key);
      if (plan === undefined) {
        plan = JSON.stringify(await planFor(asked, context));
        remembered.set(key, plan);
      }
      response.type('json').send(plan);
    })
    .all(onlyMethods('POST'));
  return router;
}

export function chanceRoutes(context: PlanContext): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const gone = new AbortController();
      response.once('close', () => gone.abort());
      response.json(await chancesFor(validBody(chanceRequest, request), context, gone.signal));
    })
    .all(onlyMethods('POST'));
  return router;
}
