import { STATUS_CODES } from 'node:http';
import type { RequestHandler, Response } from 'express';
import type { Problem } from '@ypsigram/contract';

/** An error that a person can do something about. Thrown anywhere, answered as a problem. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly extra: Partial<Problem> & Record<string, unknown> = {},
    readonly headers: Readonly<Record<string, string>> = {},
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
export function sendProblem(
  response: Response,
  { status, detail, extra, headers }: ProblemError,
): void {
  const body: Problem = {
    type: 'about:blank',
    title: STATUS_CODES[status] ?? 'Error',
    status,
    detail,
    ...extra,
  };
  response.set(headers).status(status).type('application/problem+json').send(JSON.stringify(body));
}
