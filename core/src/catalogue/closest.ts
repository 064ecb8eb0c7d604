import { distance } from 'fastest-levenshtein';
import type { Ingredient } from './ingredient.js';
import type { Shelf } from './shelf.js';
import { excludedBy } from './without.js';
import { wordsOf } from './words.js';

/** Names less alike than this, from 0 to 1, are not offered. */
const LEAST_ALIKE = 0.72;
/** What was written must be found in the name; what more the name has counts for less. */
const FOUND = 0.7;
const COVERED = 0.3;
/** Others are offered beside the closest only when they are nearly as close. */
const NEARLY = 0.85;
/** More words than these are no name. */
const MOST_WORDS = 8;
/** Words whose likeness to all known ones is remembered. */
const WORDS_REMEMBERED = 500;
/** An abbreviation must keep this many letters of the word. */
const SHORTEST_STEM = 2;

/** How alike two words are, from 0 to 1: by typing errors, or as a word and its abbreviation. */
function alike(written: string, known: string): number {
  if (written === known) return 1;
  if (isAbbreviation(written, known)) return 0.8;
  const longest = Math.max(written.length, known.length);
  // So many letters more or fewer: no typing error.
  if (Math.abs(written.length - known.length) > longest / 2) return 0;
  const byLetters = 1 - distance(written, known) / longest;
  return byLetters < 0.5 ? 0 : byLetters;
}

/** "pwdr" for "powder", "choc" for "chocolate": the same first letter, and the rest in order. */
function isAbbreviation(written: string, known: string): boolean {
  if (written.length < SHORTEST_STEM || written.length >= known.length) return false;
  if (written[0] !== known[0]) return false;
  let at = 0;
  for (const letter of known) if (letter === written[at]) at++;
  return at === written.length;
}

/** The letters of a word, a bit for each of a to z. */
function lettersOf(word: string): number {
  let letters = 0;
  for (let at = 0; at < word.length; at++) letters |= 1 << ((word.charCodeAt(at) - 97) & 31);
  return letters;
}

function popcount(bits: number): number {
  let count = 0;
  for (let left = bits; left !== 0; left &= left - 1) count++;
  return count;
}

/** A name of a shelf: whose it is, and its words by their place among all words. */
interface KnownName {
  readonly ingredient: Ingredient;
  readonly words: readonly number[];
}

/** How alike a word is to known ones, by their places, and to the one it is most like. */
interface Likeness {
  readonly by: Float32Array;
  readonly best: number;
}

/** The names of a shelf, each word once: a word that is written is compared with each of them once. */
class Names {
  readonly all: readonly KnownName[];
  private readonly words: readonly string[];
  private readonly likenesses = new Map<string, Likeness>();
  /** The letters of each word, a bit for each. */
  private readonly letters: Int32Array;

  constructor(ingredients: readonly Ingredient[]) {
    const places = new Map<string, number>();
    const placeOf = (word: string): number => {
      const known = places.get(word);
      if (known !== undefined) return known;
      places.set(word, places.size);
      return places.size - 1;
    };
    this.all = ingredients.flatMap((ingredient) => {
      const { name, aliases, loosely = [] } = ingredient;
      return [name, ...aliases, ...loosely]
        .map((one) => ({ ingredient, words: wordsOf(one).map(placeOf) }))
        .filter(({ words }) => words.length > 0);
    });
    this.words = [...places.keys()];
    this.letters = Int32Array.from(this.words, lettersOf);
  }

  /** How alike a word is to every known one. */
  likeness(word: string): Likeness {
    const known = this.likenesses.get(word);
    if (known) return known;
    const letters = lettersOf(word);
    const by = new Float32Array(this.words.length);
    let best = 0;
    for (let at = 0; at < by.length; at++) {
      // Half of the letters others: no typing error, and no abbreviation.
      if (2 * popcount(letters & ~this.letters[at]!) > word.length) continue;
      by[at] = alike(word, this.words[at]!);
      if (by[at]! > best) best = by[at]!;
    }
    const found = { by, best };
    if (this.likenesses.size >= WORDS_REMEMBERED) this.likenesses.clear();
    this.likenesses.set(word, found);
    return found;
  }
}

const NAMES = new WeakMap<readonly Ingredient[], Names>();

function namesOf(all: readonly Ingredient[]): Names {
  let names = NAMES.get(all);
  if (!names) NAMES.set(all, (names = new Names(all)));
  return names;
}

/** How alike two names are, whatever the order of their words, by how alike their words are. */
function namesAlike(written: readonly Likeness[], known: readonly number[]): number {
  let found = 0;
  for (const word of written) {
    let best = 0;
    for (const place of known) best = Math.max(best, word.by[place]!);
    found += best;
  }
  let covered = 0;
  for (const place of known) {
    let best = 0;
    for (const word of written) best = Math.max(best, word.by[place]!);
    covered += best;
  }
  return (FOUND * found) / written.length + (COVERED * covered) / known.length;
}

/**
 * The ingredients whose names are most like what was written, the closest first: typing errors,
 * abbreviations and another order of words are forgiven. At most `most`, none that is not like
 * it at all, and none that brings in what the name says it is without.
 *
 * @example
 * closestIngredients('all purpos flower', BUILT_IN_SHELF, 1) // ["flour-wheat-all-purpose"]
 */
export function closestIngredients(written: string, shelf: Shelf, most: number): readonly string[] {
  const words = wordsOf(written);
  if (words.length === 0 || words.length > MOST_WORDS) return [];
  const names = namesOf(shelf.all);
  const likenesses = words.map((word) => names.likeness(word));
  // Where no known word is like these, no name is: most words that nobody knows end here.
  const bestFound = likenesses.reduce((sum, word) => sum + word.best, 0) / words.length;
  if (FOUND * bestFound + COVERED < LEAST_ALIKE) return [];
  const isExcluded = excludedBy(written);
  const scores = new Map<string, number>();
  for (const { ingredient, words: name } of names.all) {
    const score = namesAlike(likenesses, name);
    if (score < LEAST_ALIKE || score <= (scores.get(ingredient.id) ?? 0)) continue;
    if (!isExcluded(ingredient)) scores.set(ingredient.id, score);
  }
  const best = Math.max(0, ...scores.values());
  return [...scores]
    .filter(([, score]) => score >= best * NEARLY)
    .sort(([, a], [, b]) => b - a)
    .slice(0, most)
    .map(([id]) => id);
}
