import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Router, type Response } from 'express';
import { LOG_WORDS } from '@ypsigram/contract';
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
  /** All of them as JSON texts, some at a time. */
  outcomeTexts(): AsyncIterable<readonly string[]>;
  learned(recipeId: string): Promise<Learned>;
  /** The name of a hand; null for nobody, or somebody who is gone. */
  handNames(): Promise<ReadonlyMap<string, string>>;
}

const GONE = 'There is no such recipe.';

/** Sends a list whose items are JSON already, as fast as it is taken. */
async function sendAll(response: Response, items: AsyncIterable<readonly string[]>): Promise<void> {
  response.type('json');
  await pipeline(Readable.from(asList(items)), response);
}

async function* asList(items: AsyncIterable<readonly string[]>): AsyncGenerator<string> {
  yield '{"items":[';
  let separator = '';
  for await (const some of items) {
    if (some.length === 0) continue;
    yield separator + some.join(',');
    separator = ',';
  }
  yield ']}';
}

/** What the bakes have told: outcomes, what is learned from them, and the log as a file. */
export function logRoutes(context: LogContext): Router {
  const router = Router();
  router
    .route('/outcomes')
    .get(async (request, response) => {
      const { recipeId } = validate(outcomeQuery, request.query);
      if (recipeId) response.json({ items: await context.outcomes(recipeId) });
      else await sendAll(response, context.outcomeTexts());
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
      response.set('Content-Disposition', `attachment; filename="log.${format}"`);
      if (format === 'json') await sendAll(response, context.outcomeTexts());
      else {
        const csv = writeLogCsv(await context.outcomes(), await context.handNames(), LOG_WORDS);
        response.type('text/csv').send(csv);
      }
    })
    .all(onlyMethods('GET'));
  return router;
}
