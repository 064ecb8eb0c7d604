import { table } from './table.js';

/**
 * How a nominal fill compares with a level one. Conventions, not measurements: every use
 * becomes a reading note.
 */
export const HEAPING_WORDS: Readonly<Record<string, number>> = table({
  heaping: 1.25,
  heaped: 1.25,
  rounded: 1.15,
  scant: 0.95,
  generous: 1.05,
  good: 1.05,
});
