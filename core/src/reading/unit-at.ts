import { UNIT_LETTERS, UNIT_WORDS, type UnitWord } from './vocabulary/units.js';

const WORD = /[A-Za-z]+/y;
const TWO_WORDS = /(fl|fluid)\.? ?(oz|ounces?)\b\.?/iy;

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
  const pair = match(TWO_WORDS, text, at);
  if (pair) return { unit: 'fl-oz', end: at + pair[0].length };
  const word = match(WORD, text, at)?.[0];
  if (word === undefined) return null;
  const known = UNIT_LETTERS[word] ?? UNIT_WORDS[word.toLowerCase()];
  if (!known) return null;
  let end = at + word.length;
  if (text[end] === '.') end++;
  return { ...known, end };
}
