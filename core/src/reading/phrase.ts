import { findName, singular, wordsOf, type NameMatch } from '../catalogue/index.js';
import { DESCRIBING_WORDS } from './vocabulary/describing.js';

/** A word of a phrase, made comparable, and where it stands in the text. */
export interface PlacedWord {
  readonly word: string;
  readonly start: number;
  readonly end: number;
}

/** What names the ingredient, the words around the name, and what follows it. */
export interface NamePhrase {
  readonly name: NameMatch | null;
  /** Words before and after the name within the noun phrase. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  /** The text after the noun phrase: preparation, remarks. */
  readonly tail: string;
  readonly nameAt: readonly [number, number] | null;
  readonly tailAt: readonly [number, number] | null;
  /** The noun phrase as written. */
  readonly text: string;
  /** "butter or margarine": what comes after "or". */
  readonly alternative: string | null;
  /** "salt and pepper": what comes after "and". */
  readonly second: string | null;
}

const SIMPLE_WORD = /^[A-Za-z]+$/;
const WORDS = /[\p{L}\p{N}'’]+/gu;
const END_OF_NOUN =
  /[,;([]| - |: | \+ | plus | for | to (?!\d)| as needed| if needed| according | about | at room /i;

function placedWords(text: string, offset: number): PlacedWord[] {
  const placed: PlacedWord[] = [];
  for (const found of text.matchAll(WORDS)) {
    const words = SIMPLE_WORD.test(found[0])
      ? [singular(found[0].toLowerCase())]
      : wordsOf(found[0]);
    for (const word of words) {
      placed.push({
        word,
        start: offset + found.index,
        end: offset + found.index + found[0].length,
      });
    }
  }
  return placed;
}

const nameIn = (text: string): NameMatch | null =>
  findName(placedWords(text, 0).map(({ word }) => word));

/** Where the noun phrase ends. A comma inside it ("ripe, mashed bananas") is read over. */
function nounEnd(text: string): number {
  let from = 0;
  for (;;) {
    const end = END_OF_NOUN.exec(text.slice(from));
    if (!end) return text.length;
    const at = from + end.index;
    if (nameIn(text.slice(0, at)) || from > 0 || end[0] !== ',') return at;
    const describing = placedWords(text.slice(0, at), 0).every(({ word }) =>
      DESCRIBING_WORDS.has(word),
    );
    if (!describing) return at;
    from = at + 1;
  }
}

/** Splits off what follows "or" or "and", where both sides name something of their own. */
function splitAt(noun: string, link: ' or ' | ' and '): { first: string; rest: string | null } {
  const at = noun.toLowerCase().indexOf(link);
  if (at < 0) return { first: noun, rest: null };
  const first = noun.slice(0, at);
  const rest = noun.slice(at + link.length);
  const whole = nameIn(noun);
  const left = nameIn(first);
  if (!left) return { first: noun, rest: link === ' or ' ? rest : null };
  // "half and half" is one name that happens to hold the link.
  const leftWords = placedWords(first, 0).length;
  if (whole && whole.start < leftWords && whole.end > leftWords) return { first: noun, rest: null };
  return link === ' or ' || nameIn(rest) ? { first, rest } : { first: noun, rest: null };
}

/**
 * Finds the ingredient in the text that follows a quantity. A word beside the name that no
 * table knows makes the ingredient unknown rather than wrong.
 */
export function readPhrase(text: string, offset: number): NamePhrase {
  const end = nounEnd(text);
  const noun = text.slice(0, end);
  const tail = text.slice(end);
  const alternatives = splitAt(noun, ' or ');
  const pair = splitAt(alternatives.first, ' and ');
  const words = placedWords(pair.first, offset);
  const comparable = words.map(({ word }) => word);
  const found = findName(comparable);
  const before = found ? comparable.slice(0, found.start) : comparable;
  const after = found ? comparable.slice(found.end) : [];
  const known = found !== null && [...before, ...after].every(isDescribing);
  return {
    name: known ? found : null,
    before,
    after,
    tail,
    nameAt: known ? [words[found.start]!.start, words[found.end - 1]!.end] : null,
    tailAt: tail.trim() === '' ? null : [offset + end, offset + text.length],
    text: noun.trim(),
    alternative: alternatives.rest,
    second: pair.rest,
  };
}

function isDescribing(word: string): boolean {
  return (
    DESCRIBING_WORDS.has(word) || /^\d+$/.test(word) || (word.endsWith('ly') && word.length > 4)
  );
}

/** The comparable words of a remark. */
export function remarkWords(text: string): string[] {
  return placedWords(text, 0).map(({ word }) => word);
}
