import { distance } from 'fastest-levenshtein';
import { wordsOf, type Shelf } from '../catalogue/index.js';
import type { CleanLine } from './clean.js';
import { isRemarkWord } from './line/index.js';
import { replace } from './scanned.js';
import { DESCRIBING_WORDS, UNIT_WORDS } from './vocabulary/index.js';

/** Of a shorter word too much is another one by a single letter. */
const SHORTEST = 4;
const SHORTEST_UNIT = 3;
/** A line longer than this is a sentence, and is read as it stands. */
const LONGEST_LINE = 60;

/** A line in which words are read as others, by a slip of a thumb in each. */
export interface Respelled {
  readonly line: CleanLine;
  readonly slips: readonly { readonly written: string; readonly read: string }[];
}

const BEHIND_AMOUNT = /^[\d/., -]*\d ?$/;

/** The words of a shelf's names, by their first letter. */
const VOCABULARIES = new WeakMap<readonly unknown[], ReadonlyMap<string, readonly string[]>>();

function vocabularyOf({ all }: Shelf): ReadonlyMap<string, readonly string[]> {
  let known = VOCABULARIES.get(all);
  if (!known) {
    const names = all.flatMap(({ name, aliases }) => [name, ...aliases].flatMap(wordsOf));
    const words = new Set([...names, ...DESCRIBING_WORDS]);
    const byLetter = new Map<string, string[]>();
    for (const word of words) {
      if (word.length < SHORTEST) continue;
      const [letter] = word as unknown as [string];
      byLetter.set(letter, [...(byLetter.get(letter) ?? []), word]);
    }
    VOCABULARIES.set(all, (known = byLetter));
  }
  return known;
}

/** Two letters side by side that stand in each other's place: "fluor". */
function isTurned(written: string, known: string): boolean {
  if (written.length !== known.length) return false;
  const at = [...written].findIndex((letter, index) => letter !== known[index]);
  return (
    written[at] === known[at + 1] &&
    written[at + 1] === known[at] &&
    written.slice(at + 2) === known.slice(at + 2)
  );
}

const ROWS = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm'];
const VOWELS = 'aeiouy';
/** Letters that look alike on a bad print. */
const ALIKE = ['il', 'nm', 'ce', 'uv', 'vw', 'hb'];

/** Whether two letters lie side by side on a keyboard. */
function areNeighbours(a: string, b: string): boolean {
  const [rowA, rowB] = [a, b].map((letter) => ROWS.findIndex((row) => row.includes(letter)));
  if (rowA! < 0 || rowB! < 0 || Math.abs(rowA! - rowB!) > 1) return false;
  const by = ROWS[rowB!]!.indexOf(b) - ROWS[rowA!]!.indexOf(a);
  return rowA === rowB ? Math.abs(by) === 1 : by === 0 || by === rowA! - rowB!;
}

/** Whether one letter is easily written for another: "suger", "cuo", "fiour", and not "bream". */
function isEasilyTaken(a: string, b: string): boolean {
  if (VOWELS.includes(a) && VOWELS.includes(b)) return true;
  return ALIKE.some((pair) => pair.includes(a) && pair.includes(b)) || areNeighbours(a, b);
}

function isOneSlip(written: string, known: string): boolean {
  const longer = written.length - known.length;
  if (Math.abs(longer) === 1) return distance(written, known) === 1;
  if (longer !== 0) return false;
  if (isTurned(written, known)) return true;
  const at = [...written].findIndex((letter, index) => letter !== known[index]);
  return (
    at >= 0 &&
    written.slice(at + 1) === known.slice(at + 1) &&
    isEasilyTaken(written[at]!, known[at]!)
  );
}

const UNITS = Object.keys(UNIT_WORDS).filter((word) => word.length >= SHORTEST_UNIT);

/** The known words that are a single slip away; none of one that is known itself. */
function meantBy(word: string, isBehindAmount: boolean, shelf: Shelf): readonly string[] {
  const known = vocabularyOf(shelf).get(word[0]!) ?? [];
  if (known.includes(word)) return [];
  const units = isBehindAmount ? UNITS : [];
  const isClose = (one: string): boolean => one[0] === word[0] && isOneSlip(word, one);
  return [...units.filter(isClose), ...(word.length < SHORTEST ? [] : known.filter(isClose))];
}

/**
 * The ways in which a line whose ingredient nobody knows may have been meant, had a thumb slipped in
 * one of its words: a letter too many, too few, another one, or two turned round; the first letter is
 * never wrong. Whoever reads one has to tell.
 */
export function* withoutTypingSlips(line: CleanLine, shelf: Shelf): Generator<Respelled> {
  if (line.text.length > LONGEST_LINE) return;
  for (const { 0: written, index } of line.text.matchAll(/[a-z]{3,}/gi)) {
    const word = written.toLowerCase();
    const [plain = word] = wordsOf(written);
    if (isRemarkWord(plain) || UNIT_WORDS[word]) continue;
    const isBehindAmount = BEHIND_AMOUNT.test(line.text.slice(0, index));
    const here = new RegExp(`(?<=^.{${index}})${written}`, 'gs');
    for (const read of meantBy(plain, isBehindAmount, shelf)) {
      yield { line: replace(line, here, () => read), slips: [{ written, read }] };
    }
  }
}
