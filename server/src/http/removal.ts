import type { RequestHandler, Router } from 'express';
import { onlyMethods } from './problem.js';
import { parseId } from './validate.js';

/** What the routes of deleting and restoring need of a service. */
interface RemovableArea {
  remove(id: string): Promise<void>;
  restore(id: string): Promise<object>;
}

/** Answers DELETE of an `:id`. */
export const removeOne =
  (service: RemovableArea, gone: string): RequestHandler<{ id: string }> =>
  async (request, response) => {
    await service.remove(parseId(request.params.id, gone));
    response.status(204).end();
  };

/** Adds `POST /:id/restore`, which undoes a DELETE. */
export function restoreRoute(router: Router, service: RemovableArea, gone: string): void {
  router
    .route('/:id/restore')
    .post(async (request, response) => {
      response.json(await service.restore(parseId(request.params.id, gone)));
    })
    .all(onlyMethods('POST'));
}
