import { Router } from 'express';
import type { Health } from '@ypsigram/contract';

/** `page` is what the page that is served is known by. */
export function healthRoutes(version: string, page: string | null): Router {
  const router = Router();
  router.get('/', (_request, response) => {
    response.json({ status: 'ok', version, page } satisfies Health);
  });
  return router;
}
