import type { ErrorRequestHandler } from 'express';
import { databaseTrouble, type DatabaseTrouble } from '../database/trouble.js';
import { ProblemError, sendProblem } from './problem.js';

/** What the JSON body parser complains about, in words. */
const BODY_PROBLEMS: Readonly<Record<string, readonly [status: number, detail: string]>> = {
  'entity.parse.failed': [400, 'The request is not valid JSON.'],
  'encoding.unsupported': [415, 'Send the request without that content encoding.'],
  'charset.unsupported': [415, 'Send the request as UTF-8.'],
  'request.aborted': [400, 'The request ended before all of it had arrived.'],
  'request.size.invalid': [400, 'The request is not as long as it says it is.'],
};

/** A disk without room, a file that is away, one that is held for a moment: each by its own status. */
const asAnswered = ({ kind, detail }: DatabaseTrouble): ProblemError =>
  new ProblemError(
    kind === 'full' ? 507 : 503,
    detail,
    {},
    kind === 'held' ? { 'Retry-After': '2' } : {},
  );

function asProblem(error: unknown): ProblemError | null {
  if (error instanceof ProblemError) return error;
  if (!(error instanceof Error)) return null;
  if (error instanceof URIError) return new ProblemError(400, 'That address can’t be read.');
  const { type, status, limit } = error as Error & {
    type?: string;
    status?: number;
    limit?: number;
  };
  if (type === 'entity.too.large') {
    const most = `${Math.round((limit ?? 0) / 1024)} KiB`;
    return new ProblemError(413, `That is too much at once. Send at most ${most} at a time.`);
  }
  const known = type === undefined ? undefined : BODY_PROBLEMS[type];
  if (known) return new ProblemError(...known);
  return status !== undefined && status >= 400 && status < 500
    ? new ProblemError(status, 'The request could not be understood.')
    : null;
}

/**
 * The last middleware: problems are answered in words, anything else is logged and hidden. `file` is
 * that of the database.
 */
export const answerErrors =
  (file: string): ErrorRequestHandler =>
  (error: unknown, request, response, next) => {
    // Nobody waits for it any more.
    if (response.destroyed) return;
    if (response.headersSent) {
      next(error);
      return;
    }
    const problem = asProblem(error);
    const trouble = problem ? null : databaseTrouble(error, file);
    if (!problem && trouble?.kind !== 'held') {
      request.log.error({ err: error }, 'unexpected error');
    }
    sendProblem(
      response,
      problem ??
        (trouble && asAnswered(trouble)) ??
        new ProblemError(
          500,
          'Something went wrong, and this was not done. Try again; if it stays so, look at what the server has logged.',
        ),
    );
  };
