import { UNIT_FIRST_WORDS, UNIT_LETTERS, UNIT_WORDS, type UnitWord } from '../vocabulary/index.js';

const WORD = /[A-Za-z]+/y;
const SECOND_WORD = /\.? ?-?([A-Za-z]+)/y;

/** A unit found in a text, and where it ends. */
export interface UnitMatch extends UnitWord {
  readonly end: number;
}

/** What a sticky pattern finds exactly there, or null. */
export function match(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/** The unit written at `at`, with or without a full stop behind it. */
export function unitAt(text: string, at: number): UnitMatch | null {
  const word = match(WORD, text, at)?.[0];
  if (word === undefined) return null;
  const lower = word.toLowerCase();
  let known = UNIT_LETTERS[word] ?? UNIT_WORDS[lower];
  let end = at + word.length;
  if (UNIT_FIRST_WORDS.has(lower)) {
    const second = match(SECOND_WORD, text, end);
    const pair = second && UNIT_WORDS[lower + second[1]!.toLowerCase()];
    if (pair) {
      known = pair;
      end += second[0].length;
    }
  }
  if (!known) return null;
  if (text[end] === '.') end++;
  return { ...known, end };
}
