import { distance } from 'fastest-levenshtein';
import type { Ingredient } from './ingredient.js';
import type { Shelf } from './shelf.js';
import { excludedBy } from './without.js';
import { wordsOf } from './words.js';

/** Names less alike than this, from 0 to 1, are not offered. */
const LEAST_ALIKE = 0.72;
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

/** A name of a shelf: whose it is, and its words by their place among all words. */
interface KnownName {
  readonly ingredient: Ingredient;
  readonly words: readonly number[];
}

/** The names of a shelf, each word once: a word that is written is compared with each of them once. */
class Names {
  readonly all: readonly KnownName[];
  private readonly words: readonly string[];
  private readonly likenesses = new Map<string, Float32Array>();

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
  }

  /** How alike a word is to every known one, by their places. */
  likeness(word: string): Float32Array {
    let found = this.likenesses.get(word);
    if (!found) {
      found = Float32Array.from(this.words, (known) => alike(word, known));
      if (this.likenesses.size >= WORDS_REMEMBERED) this.likenesses.clear();
      this.likenesses.set(word, found);
    }
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
function namesAlike(written: readonly Float32Array[], known: readonly number[]): number {
  let found = 0;
  for (const word of written) {
    let best = 0;
    for (const place of known) best = Math.max(best, word[place]!);
    found += best;
  }
  let covered = 0;
  for (const place of known) {
    let best = 0;
    for (const word of written) best = Math.max(best, word[place]!);
    covered += best;
  }
  // What was written must be found in the name; what more the name has counts for less.
  return (0.7 * found) / written.length + (0.3 * covered) / known.length;
}

/**
 * The ingredients whose names are most like what was written, the closest first: typing errors,
 * abbreviations and another order of words are forgiven. At most `most`, none that is not like
 * it at all, and none that brings in what the name says it is without.
 */
export function closestIngredients(written: string, shelf: Shelf, most: number): readonly string[] {
  const words = wordsOf(written);
  if (words.length === 0 || words.length > MOST_WORDS) return [];
  const names = namesOf(shelf.all);
  const likenesses = words.map((word) => names.likeness(word));
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
