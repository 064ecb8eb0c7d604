import { Router } from 'express';
import { logQuery, outcomeQuery } from '@ypsigram/contract/log';
import { writeLogCsv } from '@ypsigram/core/formats';
import type { BakeOutcome } from '@ypsigram/core/log';
import type { Learned } from '../../context/learning.js';
import { onlyMethods } from '../../http/problem.js';
import { parseId, validate } from '../../http/validate.js';

/** What the log needs of the others. */
export interface LogContext {
  /** What bakes in the log tell, oldest first; of one recipe, or of all. */
  outcomes(recipeId?: string): Promise<readonly BakeOutcome[]>;
  learned(recipeId: string): Promise<Learned>;
  /** The name of a hand; null for nobody, or somebody who is gone. */
  handNames(): Promise<ReadonlyMap<string, string>>;
}

const GONE = 'There is no such recipe.';

/** What the bakes have told: outcomes, what is learned from them, and the log as a file. */
export function logRoutes(context: LogContext): Router {
  const router = Router();
  router
    .route('/outcomes')
    .get(async (request, response) => {
      const { recipeId } = validate(outcomeQuery, request.query);
      response.json({ items: await context.outcomes(recipeId) });
    })
    .all(onlyMethods('GET'));
  router
    .route('/learned/:id')
    .get(async (request, response) => {
      const { kind, proven, limits, bakes, good } = await context.learned(
        parseId(request.params.id, GONE),
      );
      response.json({ kind, proven, limits, bakes, good });
    })
    .all(onlyMethods('GET'));
  router
    .route('/export')
    .get(async (request, response) => {
      const { format } = validate(logQuery, request.query);
      const outcomes = await context.outcomes();
      response.set('Content-Disposition', `attachment; filename="log.${format}"`);
      if (format === 'json') response.json({ items: outcomes });
      else response.type('text/csv').send(writeLogCsv(outcomes, await context.handNames()));
    })
    .all(onlyMethods('GET'));
  return router;
}
