import { z } from 'zod';
import { notFound } from './problem.js';

/** The id in an address. @throws ProblemError 404, saying `gone`, when it can't be one. */
export function parseId(value: string | string[] | undefined, gone: string): string {
  const id = z.uuid().safeParse(value);
  if (!id.success) throw notFound(gone);
  return id.data;
}
