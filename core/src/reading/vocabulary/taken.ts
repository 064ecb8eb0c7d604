import { table } from './table.js';

/** What is taken from a fruit, by the word that is written for it. */
export const TAKEN_FROM_FRUIT: Readonly<Record<string, string>> = table({
  juice: 'juice',
  juiced: 'juice',
  zest: 'zest',
  zested: 'zest',
  rind: 'zest',
  peel: 'zest',
});
