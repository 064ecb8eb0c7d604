import { isDeepStrictEqual } from 'node:util';

/**
 * Whether what is here already says all that a change says: it came before, and only its answer
 * was lost on the way. To send it once more is then no conflict.
 */
export function isAlready(here: object, change: object): boolean {
  const asSent = JSON.parse(JSON.stringify(change)) as object;
  const asKept = JSON.parse(JSON.stringify(here)) as Record<string, unknown>;
  return Object.entries(asSent).every(([key, value]) => isDeepStrictEqual(value, asKept[key]));
}
