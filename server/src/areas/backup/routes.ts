import { Router } from 'express';
import { importQuery } from '@ypsigram/contract';
import { withBodyAsFile } from '../../http/body-as-file.js';
import { ProblemError, onlyMethods } from '../../http/problem.js';
import { parseId, validate } from '../../http/validate.js';
import type { BackupService } from './service.js';

/** `folder` is where a backup waits that is being taken in. */
export function backupRoutes(backups: BackupService, folder: string): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      const day = backups.now().toISOString().slice(0, 10);
      response
        .type('application/json')
        .set('Content-Disposition', `attachment; filename="ypsigram-${day}.json"`);
      await backups.write(response);
    })
    .post(async (request, response) => {
      const { dryRun } = validate(importQuery, request.query);
      if (!request.is('application/json')) {
        throw new ProblemError(415, 'Send the backup as JSON, with content type application/json.');
      }
      response.json(
        await withBodyAsFile(request, { folder }, (file) => backups.restore(file, dryRun === '1')),
      );
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/gaps')
    .get(async (_request, response) => {
      response.json(await backups.gaps());
    })
    .all(onlyMethods('GET'));
  router
    .route('/progress')
    .get((_request, response) => {
      response.json(backups.progress());
    })
    .all(onlyMethods('GET'));
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
