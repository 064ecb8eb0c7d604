import { Router } from 'express';
import { scaleCommand, simulationCommand } from '@ypsigram/contract';
import type { SimulatedScale } from '../../devices/simulated/scale.js';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { press, simulate, simulationOf, stateOf, type ScaleContext } from './service.js';
import { streamReadings } from './stream.js';

export function scaleRoutes(scale: SimulatedScale, context: ScaleContext): Router {
  const router = Router();
  router
    .route('/')
    .get((_request, response) => {
      response.json(stateOf(scale));
    })
    .post((request, response) => {
      response.json(press(scale, validBody(scaleCommand, request)));
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/stream')
    .get((request, response) => {
      streamReadings(scale, request, response);
    })
    .all(onlyMethods('GET'));
  router
    .route('/simulation')
    .get((_request, response) => {
      response.json(simulationOf(scale));
    })
    .post(async (request, response) => {
      const command = validBody(simulationCommand, request);
      response.json(await simulate(scale, command, context));
    })
    .all(onlyMethods('GET', 'POST'));
  return router;
}
