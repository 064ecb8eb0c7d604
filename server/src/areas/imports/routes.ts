import { Router } from 'express';
import { importQuery, recipeImport } from '@ypsigram/contract';
import { parseId, validate, validBody } from '../../http/validate.js';
import { onlyMethods } from '../../http/problem.js';
import type { ImportService } from './service.js';

export function importRoutes(imports: ImportService): Router {
  const router = Router();
  router
    .route('/')
    .post(async (request, response) => {
      const { recipes } = validBody(recipeImport, request);
      const { dryRun } = validate(importQuery, request.query);
      response.json(await (dryRun === '1' ? imports.preview(recipes) : imports.importAll(recipes)));
    })
    .all(onlyMethods('POST'));
  router
    .route('/:id')
    .delete(async (request, response) => {
      response.json(await imports.undo(parseId(request.params.id, 'There is no such import.')));
    })
    .all(onlyMethods('DELETE'));
  return router;
}
