import { Router } from 'express';
import { eventText, openEventStream } from '../../http/event-stream.js';
import { onlyMethods } from '../../http/problem.js';
import type { ToldChanges } from './told-changes.js';

export function changesRoutes(changes: ToldChanges): Router {
  const router = Router();
  router
    .route('/')
    .get((_request, response) => {
      let sent = 0;
      openEventStream(response, () => stop());
      const stop = changes.listen((event) => response.write(eventText(++sent, 'changes', event)));
    })
    .all(onlyMethods('GET'));
  return router;
}
