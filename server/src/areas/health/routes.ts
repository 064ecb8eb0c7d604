import { Router } from 'express';
import type { Health } from '@ypsigram/contract';

export function healthRoutes(version: string): Router {
  const router = Router();
  router.get('/', (_request, response) => {
    response.json({ status: 'ok', version } satisfies Health);
  });
  return router;
}
