import { Router } from 'express';
import { ovenCommand, type OvenCommand } from '@ypsigram/contract/oven';
import type { SimulatedOven } from '../../devices/simulated/oven.js';
import { eventText, openEventStream } from '../../http/event-stream.js';
import { onlyMethods } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';

function turn(oven: SimulatedOven, command: OvenCommand): void {
  switch (command.do) {
    case 'set':
      return oven.set(command.dialCelsius, command.isFan);
    case 'off':
      return oven.turnOff();
    case 'door':
      return oven.openDoor();
    case 'hurry':
      return oven.hurry(command.times);
  }
}

/** The thermometer in the oven, and the simulated oven that it is in. */
export function thermometerRoutes(oven: SimulatedOven): Router {
  const router = Router();
  router
    .route('/')
    .get((_request, response) => {
      response.json({ thermometer: oven.description(), reading: oven.latest() });
    })
    .all(onlyMethods('GET'));
  router
    .route('/stream')
    .get((_request, response) => {
      openEventStream(response, () => stop());
      const tell = (): void => {
        const reading = oven.latest();
        if (!response.writableNeedDrain) {
          response.write(eventText(reading.sequence, 'reading', reading));
        }
      };
      tell();
      const stop = oven.subscribe(tell, () => response.end());
    })
    .all(onlyMethods('GET'));
  router
    .route('/simulation')
    .get((_request, response) => {
      response.json(oven.state());
    })
    .post((request, response) => {
      turn(oven, validBody(ovenCommand, request));
      response.json(oven.state());
    })
    .all(onlyMethods('GET', 'POST'));
  return router;
}
