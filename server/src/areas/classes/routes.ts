import { Router } from 'express';
import { classDraft, classResultDraft, joinCode } from '@ypsigram/contract/practice';
import { eventText, openEventStream } from '../../http/event-stream.js';
import { notFound, onlyMethods } from '../../http/problem.js';
import { triesLimit } from '../../http/tries-limit.js';
import { parseId, validBody } from '../../http/validate.js';
import type { ClassService } from './service.js';

const NO_CLASS = 'There is no such class. It may have been removed.';
const NO_RESULT = 'A result has an id of its own.';

/** The code in an address, however it was typed. @throws ProblemError 404 */
function parseCode(value: string | undefined): string {
  const code = joinCode.safeParse(value);
  if (!code.success) throw notFound('A code has seven letters or digits. Ask for the code again.');
  return code.data;
}

/** Codes that lead nowhere, a minute and an address: who types by hand makes fewer mistakes. */
const MOST_WRONG_CODES = 10;
/** Results a minute and an address: a class that shares one tablet weighs no faster. */
const MOST_RESULTS_A_MINUTE = 40;

/** Whoever has the code of a class sees its tasks and hands in results, and nothing else. */
export function joinedClassRoutes(classes: ClassService): Router {
  const router = Router();
  const tooManyResults = triesLimit({
    limit: MOST_RESULTS_A_MINUTE,
    says: 'So many results at once. Wait a minute, then send the next.',
    counts: 'all',
  });
  router.use(
    triesLimit({
      limit: MOST_WRONG_CODES,
      says: 'Too many wrong codes. Wait a minute, then try again.',
      counts: 'refused',
    }),
  );
  router
    .route('/:code')
    .get(async (request, response) => {
      response.json(await classes.joined(parseCode(request.params.code)));
    })
    .all(onlyMethods('GET'));
  router
    .route('/:code/results/:result')
    .put(tooManyResults, async (request, response) => {
      const id = await classes.idOf(parseCode(request.params.code));
      const resultId = parseId(request.params.result, NO_RESULT);
      response.json(await classes.addResult(id, resultId, validBody(classResultDraft, request)));
    })
    .all(onlyMethods('PUT'));
  return router;
}

export function classRoutes(classes: ClassService): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      response.json(await classes.list());
    })
    .all(onlyMethods('GET'));
  router
    .route('/:id')
    .get(async (request, response) => {
      response.json(await classes.read(parseId(request.params.id, NO_CLASS)));
    })
    .put(async (request, response) => {
      const id = parseId(request.params.id, NO_CLASS);
      response.json(await classes.keep(id, validBody(classDraft, request)));
    })
    .delete(async (request, response) => {
      await classes.remove(parseId(request.params.id, NO_CLASS));
      response.status(204).end();
    })
    .all(onlyMethods('GET', 'PUT', 'DELETE'));
  router
    .route('/:id/stream')
    .get(async (request, response) => {
      const id = parseId(request.params.id, NO_CLASS);
      await classes.read(id);
      let sent = 0;
      openEventStream(response, () => stop());
      const stop = classes.listen(id, (event) => response.write(eventText(++sent, 'class', event)));
    })
    .all(onlyMethods('GET'));
  router
    .route('/:id/results/:result')
    .put(async (request, response) => {
      const id = parseId(request.params.id, NO_CLASS);
      const resultId = parseId(request.params.result, NO_RESULT);
      response.json(await classes.addResult(id, resultId, validBody(classResultDraft, request)));
    })
    .delete(async (request, response) => {
      const id = parseId(request.params.id, NO_CLASS);
      await classes.removeResult(id, parseId(request.params.result, NO_RESULT));
      response.status(204).end();
    })
    .all(onlyMethods('PUT', 'DELETE'));
  return router;
}
