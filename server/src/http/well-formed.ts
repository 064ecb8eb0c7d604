import { ProblemError } from './problem.js';

/** Nothing that is sent here is nested deeper. */
const DEEPEST = 40;

/** NUL ends a text in the database, and half a surrogate pair is no character at all. */
const MISSHAPEN = /[\0\uD800-\uDFFF]/;

/** The text without NUL, and with U+FFFD for what is no character. */
export const wellFormedText = (text: string): string =>
  MISSHAPEN.test(text) ? text.replaceAll('\0', '').toWellFormed() : text;

/**
 * The value with all its texts well formed, as everything is that comes in here. The same object
 * where there is nothing to mend. @throws ProblemError 400 when it is nested too deep to be meant
 */
export function wellFormed(value: unknown, depth = 0): unknown {
  if (typeof value === 'string') return wellFormedText(value);
  if (typeof value !== 'object' || value === null) return value;
  if (depth > DEEPEST) throw new ProblemError(400, 'This is nested too deep to be understood.');
  if (Array.isArray(value)) {
    const items = value.map((item) => wellFormed(item, depth + 1));
    return items.some((item, at) => item !== value[at]) ? items : value;
  }
  let isMended = false;
  const entries = Object.entries(value).map(([key, item]): [string, unknown] => {
    const [name, mended] = [wellFormedText(key), wellFormed(item, depth + 1)];
    if (name !== key || mended !== item) isMended = true;
    return [name, mended];
  });
  return isMended ? Object.fromEntries(entries) : value;
}
