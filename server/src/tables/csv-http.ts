import express, { type Request, type RequestHandler, type Response } from 'express';
import { LARGEST_TABLE_BYTES, importQuery, type ImportReply } from '@ypsigram/contract';
import { ProblemError } from '../http/problem.js';
import { validate } from '../http/validate.js';
import { wellFormedText } from '../http/well-formed.js';

/** Reads a CSV body as text. */
export const csvBody: RequestHandler = express.text({
  type: 'text/csv',
  limit: LARGEST_TABLE_BYTES,
});

/** Answers with a CSV file of this name. */
export function sendTable(response: Response, name: string, table: string): void {
  response.type('text/csv').set('Content-Disposition', `attachment; filename="${name}"`);
  response.send(table);
}

/** Hands the table of a request to its importer. @throws ProblemError 415 when it is no CSV. */
export function importFrom(
  request: Request,
  importer: (text: string, dryRun: boolean) => Promise<ImportReply>,
): Promise<ImportReply> {
  if (!request.is('text/csv')) {
    throw new ProblemError(415, 'Send the table as CSV, with content type text/csv.');
  }
  const { dryRun } = validate(importQuery, request.query);
  // An empty body is not parsed at all.
  const text = typeof request.body === 'string' ? request.body : '';
  return importer(wellFormedText(text), dryRun === '1');
}
