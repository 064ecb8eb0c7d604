import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { Router, type Request } from 'express';
import { importQuery } from '@ypsigram/contract';
import { ProblemError, onlyMethods } from '../../http/problem.js';
import { parseId, validate } from '../../http/validate.js';
import type { BackupService } from './service.js';

/** Does something with the body of a request as a file, whatever its size, and throws it away. */
async function withBodyAsFile<T>(request: Request, work: (file: string) => Promise<T>): Promise<T> {
  if (!request.is('application/json')) {
    throw new ProblemError(415, 'Send the backup as JSON, with content type application/json.');
  }
  const folder = await mkdtemp(join(tmpdir(), 'ypsigram-backup-'));
  try {
    const file = join(folder, 'backup.json');
    await pipeline(request, createWriteStream(file));
    return await work(file);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

export function backupRoutes(backups: BackupService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      const day = backups.now().toISOString().slice(0, 10);
      response
        .type('application/json')
        .set('Content-Disposition', `attachment; filename="ypsigram-${day}.json"`);
      await backups.write(response);
      response.end();
    })
    .post(async (request, response) => {
      const { dryRun } = validate(importQuery, request.query);
      response.json(await withBodyAsFile(request, (file) => backups.restore(file, dryRun === '1')));
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
