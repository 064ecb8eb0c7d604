import { Router } from 'express';
import { openApiDocument } from '@ypsigram/contract/openapi';

export function openApiRoutes(version: string): Router {
  const document = openApiDocument(version);
  const router = Router();
  router.get('/', (_request, response) => {
    response.json(document);
  });
  return router;
}
