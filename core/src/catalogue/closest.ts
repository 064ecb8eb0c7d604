import { distance } from 'fastest-levenshtein';
import type { Ingredient } from './ingredient.js';
import type { Shelf } from './shelf.js';
import { wordsOf } from './words.js';

/** Names less alike than this, from 0 to 1, are not offered. */
const LEAST_ALIKE = 0.55;
/** Others are offered beside the closest only when they are nearly as close. */
const NEARLY = 0.85;
/** More words than these are no name. */
const MOST_WORDS = 8;
/** An abbreviation must keep this many letters of the word. */
const SHORTEST_STEM = 2;

/** How alike two words are, from 0 to 1: by typing errors, or as a word and its abbreviation. */
function alike(written: string, known: string): number {
  if (written === known) return 1;
  const longest = Math.max(written.length, known.length);
  const byLetters = 1 - distance(written, known) / longest;
  return Math.max(byLetters, isAbbreviation(written, known) ? 0.8 : 0);
}

/** "pwdr" for "powder", "choc" for "chocolate": the same first letter, and the rest in order. */
function isAbbreviation(written: string, known: string): boolean {
  if (written.length < SHORTEST_STEM || written.length >= known.length) return false;
  if (written[0] !== known[0]) return false;
  let at = 0;
  for (const letter of known) if (letter === written[at]) at++;
  return at === written.length;
}

/** How alike two names are, whatever the order of their words. */
function namesAlike(written: readonly string[], known: readonly string[]): number {
  const best = (word: string, others: readonly string[]): number =>
    others.reduce((most, other) => Math.max(most, alike(word, other)), 0);
  const mean = (words: readonly string[], others: readonly string[]): number =>
    words.reduce((sum, word) => sum + best(word, others), 0) / words.length;
  // What was written must be found in the name; what more the name has counts for less.
  return 0.7 * mean(written, known) + 0.3 * mean(known, written);
}

/** Names of a shelf, made comparable once. */
const NAMES = new WeakMap<readonly Ingredient[], (readonly [string, readonly string[]])[]>();

function namesOf(all: readonly Ingredient[]): (readonly [string, readonly string[]])[] {
  let names = NAMES.get(all);
  if (!names) {
    names = all.flatMap(({ id, name, aliases, loosely = [] }) =>
      [name, ...aliases, ...loosely].map((one) => [id, wordsOf(one)] as const),
    );
    NAMES.set(all, names);
  }
  return names;
}

/**
 * The ingredients whose names are most like what was written, the closest first: typing errors,
 * abbreviations and another order of words are forgiven. At most `most`, none that is not like
 * it at all.
 */
export function closestIngredients(written: string, shelf: Shelf, most: number): readonly string[] {
  const words = wordsOf(written);
  if (words.length === 0 || words.length > MOST_WORDS) return [];
  const scores = new Map<string, number>();
  for (const [id, name] of namesOf(shelf.all)) {
    if (name.length === 0) continue;
    const score = namesAlike(words, name);
    if (score >= LEAST_ALIKE && score > (scores.get(id) ?? 0)) scores.set(id, score);
  }
  const best = Math.max(0, ...scores.values());
  return [...scores]
    .filter(([, score]) => score >= best * NEARLY)
    .sort(([, a], [, b]) => b - a)
    .slice(0, most)
    .map(([id]) => id);
}
