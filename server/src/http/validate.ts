import { z } from 'zod';
import { notFound, ProblemError } from './problem.js';
import type { Request } from 'express';
import { issueMessage } from '@ypsigram/contract';
import { wellFormed } from './well-formed.js';

/** The id in an address. @throws ProblemError 404, saying `gone`, when it can't be one. */
export function parseId(value: string | string[] | undefined, gone: string): string {
  const id = z.uuid().safeParse(value);
  if (!id.success) throw notFound(gone);
  return id.data;
}

/** More mistakes than these are not told at once. */
const MOST_ERRORS = 20;

/** The value in the schema's terms, its texts well formed. @throws ProblemError 400 naming the first wrong field. */
export function validate<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const parsed = schema.safeParse(wellFormed(value), { error: issueMessage });
  if (parsed.success) return parsed.data;
  const errors = parsed.error.issues.slice(0, MOST_ERRORS).map(({ path, message }) => ({
    field: path.map(String).join('.'),
    message,
  }));
  const first = errors[0]!;
  throw new ProblemError(400, first.message, { field: first.field, errors });
}

/** The validated JSON body. @throws ProblemError 415 when the body is not JSON. */
export function validBody<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  if (!request.is('application/json')) {
    throw new ProblemError(415, 'Send the request as JSON, with content type application/json.');
  }
  return validate(schema, request.body);
}
