import { z } from 'zod';
import { problem } from '../problems.js';

/** A body of JSON. */
export const json = <T extends z.ZodType>(schema: T) => ({
  content: { 'application/json': { schema } },
});

/** An answer that says what is wrong. */
export const problemOf = (description: string, schema: z.ZodType = problem) => ({
  description,
  content: { 'application/problem+json': { schema } },
});

export const refused = {
  '400': problemOf('The request could not be understood.'),
  '413': problemOf('The body is over 256 KiB.'),
};
export const stale = { '409': problemOf('It was also changed elsewhere.') };
export const table = { content: { 'text/csv': { schema: z.string() } } };
export const missing = { '404': problemOf('There is nothing with that id.') };
export const idPath = z.object({ id: z.uuid() });
