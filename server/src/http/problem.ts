import { STATUS_CODES } from 'node:http';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { Problem } from '@ypsigram/contract';

/** An error that a person can do something about. Thrown anywhere, answered as a problem. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly extra: Partial<Problem> & Record<string, unknown> = {},
  ) {
    super(detail);
  }
}

/** For a route's last handler: the address exists, the method does not. */
export const onlyMethods =
  (...methods: readonly string[]): RequestHandler =>
  (_request, response) => {
    response.set('Allow', methods.join(', '));
    throw new ProblemError(405, `This address only accepts ${methods.join(', ')}.`);
  };

/** A change was based on an older revision: 409, with what is there now. */
export const staleChange = (what: string, theirs: unknown): ProblemError =>
  new ProblemError(
    409,
    `The ${what} was also changed in another window. Reload it, then repeat your change.`,
    { field: 'revision', theirs },
  );

export const notFound = (detail: string): ProblemError => new ProblemError(404, detail);

/** Answers with a problem after RFC 9457. */
export function sendProblem(response: Response, { status, detail, extra }: ProblemError): void {
  const body: Problem = {
    type: 'about:blank',
    title: STATUS_CODES[status] ?? 'Error',
    status,
    detail,
    ...extra,
  };
  response.status(status).type('application/problem+json').send(JSON.stringify(body));
}

/** What the JSON body parser complains about, in words. */
const BODY_PROBLEMS: Readonly<Record<string, readonly [status: number, detail: string]>> = {
  'entity.parse.failed': [400, 'The request is not valid JSON.'],
  'encoding.unsupported': [415, 'Send the request without that content encoding.'],
  'charset.unsupported': [415, 'Send the request as UTF-8.'],
  'request.aborted': [400, 'The request ended before all of it had arrived.'],
  'request.size.invalid': [400, 'The request is not as long as it says it is.'],
};

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

/** The last middleware: problems are answered in words, anything else is logged and hidden. */
export const answerErrors: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const problem = asProblem(error);
  if (!problem) request.log.error({ err: error }, 'unexpected error');
  sendProblem(
    response,
    problem ??
      new ProblemError(500, 'Something went wrong. Nothing that was saved is lost. Try again.'),
  );
};
