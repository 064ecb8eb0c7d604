import { Router } from 'express';
import { trialDraft, trialQuery, trialReplacement } from '@ypsigram/contract';
import { parseId, validate, validBody } from '../../http/validate.js';
import { onlyMethods } from '../../http/problem.js';
import { removeOne, restoreRoute } from '../../http/removal.js';
import { csvBody, importFrom, sendTable } from '../../tables/csv-http.js';
import type { TrialService } from './service.js';

const GONE = 'There is no such trial.';

export function trialRoutes(trials: TrialService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (request, response) => {
      response.json({ items: await trials.list(validate(trialQuery, request.query)) });
    })
    .post(async (request, response) => {
      const trial = await trials.create(validBody(trialDraft, request));
      response.status(201).location(`/api/trials/${trial.id}`).json(trial);
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/csv')
    .get(async (_request, response) => {
      sendTable(response, 'trials.csv', await trials.exportTable());
    })
    .post(csvBody, async (request, response) => {
      response.json(await importFrom(request, (text, dry) => trials.importTable(text, dry)));
    })
    .all(onlyMethods('GET', 'POST'));
  router
    .route('/imports/:id')
    .delete(async (request, response) => {
      await trials.removeImport(parseId(request.params.id, 'There is no such import.'));
      response.status(204).end();
    })
    .all(onlyMethods('DELETE'));
  router
    .route('/:id')
    .put(async (request, response) => {
      const replacement = validBody(trialReplacement, request);
      response.json(await trials.replace(parseId(request.params.id, GONE), replacement));
    })
    .delete(removeOne(trials, GONE))
    .all(onlyMethods('PUT', 'DELETE'));
  restoreRoute(router, trials, GONE);
  return router;
}
