import type { Method } from '../../catalogue/index.js';
import { match } from './unit-at.js';
import { FILLING_WORDS, HEAPING_WORDS, LOOSENING_WORDS } from '../vocabulary/index.js';

/** Words that change neither how much nor how it was filled. */
const NEUTRAL_WORDS: ReadonlySet<string> = new Set(
  'level levelled leveled firmly tightly well very slightly large small big standard measuring sm med medium lg lge us american british'.split(
    ' ',
  ),
);
const QUALIFIER = /([A-Za-z]+)\.?[ -]/y;

/** How the measure was filled, by the words beside its unit. */
export interface Qualifiers {
  heapingWord: string | null;
  method: Method | null;
  end: number;
}

/** Nothing said: level. */
export const LEVEL = (end: number): Qualifiers => ({
  heapingWord: null,
  method: null,
  end,
});

/** Words between amount and unit: "heaping", "firmly packed", "level". */
export function qualifiersAt(
  text: string,
  at: number,
  before: Qualifiers | null = null,
): Qualifiers {
  const found: Qualifiers = { heapingWord: null, method: null, ...before, end: at };
  let loosely = false;
  for (;;) {
    const word = match(QUALIFIER, text, found.end);
    if (!word) return found;
    const lower = word[1]!.toLowerCase();
    if (HEAPING_WORDS[lower] !== undefined) {
      found.heapingWord = lower;
    } else if (FILLING_WORDS[lower]) {
      found.method = lower === 'packed' && loosely ? 'loose' : FILLING_WORDS[lower];
    } else if (LOOSENING_WORDS.has(lower)) {
      loosely = true;
    } else if (!NEUTRAL_WORDS.has(lower)) {
      return found;
    }
    found.end += word[0].length;
  }
}
