import type { Standard } from '../units/index.js';

/** Whose cups and spoons are meant, where the question says it. */
const STANDARD_WORDS: readonly (readonly [word: string, standard: Standard])[] = [
  ['australian', 'australian'],
  ['american', 'us-customary'],
  ['u\\.?s\\.?', 'us-customary'],
  ['imperial', 'imperial'],
  ['british', 'british'],
  ['uk', 'british'],
  ['metric', 'metric'],
  ['japanese', 'japanese'],
];
/** "Japanese breadcrumbs" are no measure: a country counts before one, or at the very end. */
const BEFORE_MEASURE =
  '(?= +(?:cups?|pints?|quarts?|gallons?|table|tea|spoon|tbsps?|tbs|tsps?|fl|fluid|oz|ounces?)|$)';

/** The standard that a question names, and the question without it. */
export function standardIn(text: string): {
  readonly standard: Standard | null;
  readonly rest: string;
} {
  for (const [word, standard] of STANDARD_WORDS) {
    const named = new RegExp(String.raw`(?<!\S)${word}${BEFORE_MEASURE}`, 'i');
    if (!named.test(text)) continue;
    return { standard, rest: text.replace(named, '').replace(/\s+/g, ' ').trim() };
  }
  return { standard: null, rest: text };
}
