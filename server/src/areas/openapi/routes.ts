import { Router } from 'express';

export function openApiRoutes(version: string): Router {
  let document: object | null = null;
  const router = Router();
  router.get('/', async (_request, response) => {
    // Made when it is first asked for: a start need not wait for it.
    if (document === null) {
      const { openApiDocument } = await import('@ypsigram/contract/openapi');
      document = openApiDocument(version);
    }
    response.json(document);
  });
  return router;
}
