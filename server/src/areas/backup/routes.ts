import { Router } from 'express';
import { backup, importQuery } from '@ypsigram/contract';
import { parseId, validate, validBody } from '../../http/validate.js';
import { onlyMethods } from '../../http/problem.js';
import type { BackupService } from './service.js';

export function backupRoutes(backups: BackupService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      const document = await backups.make();
      const day = document.madeAt.slice(0, 10);
      response
        .type('application/json')
        .set('Content-Disposition', `attachment; filename="ypsigram-${day}.json"`)
        .send(`${JSON.stringify(document, null, 1)}\n`);
    })
    .post(async (request, response) => {
      const document = validBody(backup, request);
      const { dryRun } = validate(importQuery, request.query);
      response.json(await backups.restore(document, dryRun === '1'));
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/:id/restore')
    .post(async (request, response) => {
      response.json(
        await backups.undo(parseId(request.params.id, 'There is no such safety copy.')),
      );
    })
    .all(onlyMethods('POST'));
  return router;
}
