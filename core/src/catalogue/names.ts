import type { Ingredient } from './ingredient.js';
import { wordsOf } from './words.js';

/**
 * Names that mean different ingredients to different authors, with weights that differ. The
 * first is what is assumed; all are offered. A baker's answer can overrule it.
 */
export const AMBIGUOUS_NAMES: Readonly<Record<string, readonly [string, ...string[]]>> = {
  'kosher salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'coarse salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'coarse sea salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flaky salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flaky sea salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'flake salt': ['salt-coarse-light', 'salt-coarse-dense'],
  'sea salt flakes': ['salt-coarse-light', 'salt-coarse-dense'],
  'salt flakes': ['salt-coarse-light', 'salt-coarse-dense'],
  'sea salt': ['salt-table', 'salt-coarse-dense', 'salt-coarse-light'],
  'corn flour': ['flour-corn-whole', 'starch-corn'],
  yeast: ['yeast-active-dry', 'yeast-instant', 'yeast-fresh'],
  cream: ['cream-heavy', 'cream-light'],
  coriander: ['coriander-leaves', 'coriander-ground'],
  cider: ['juice-apple', 'cider-alcoholic'],
  stevia: ['sweetener-cup-for-cup', 'stevia-powder'],
  cornmeal: ['cornmeal-degermed', 'cornmeal-whole'],
  nuts: ['walnuts', 'pecans', 'almonds', 'hazelnuts'],
  'mixed nuts': ['walnuts', 'pecans', 'almonds', 'hazelnuts'],
};

/** An ingredient recognised among words: which, and from which word to which. */
export interface NameMatch {
  readonly ingredientId: string;
  /** Index of the first word of the name, and of the word after its last. */
  readonly start: number;
  readonly end: number;
  /** The name leaves the kind open ("salt", "flour"); this kind is what bakers usually mean. */
  readonly assumedKind: boolean;
  /** Other ingredients the same name may mean, with other weights; empty when there is no doubt. */
  readonly otherKinds: readonly string[];
  /** A word before the name that nobody knows may be a variety of it. */
  readonly hasVarieties: boolean;
  /** The name of a fruit before it says of which it is made. */
  readonly ofAnyFruit: boolean;
  readonly isFruit: boolean;
  /** What the name means has no pieces: it can't be cut any more. */
  readonly isPureed: boolean;
}

type Entry = Omit<NameMatch, 'start' | 'end'>;

/** Names word by word: what the words up to here name, if anything, and what may come next. */
interface Names {
  entry: Entry | null;
  next: Map<string, Names> | null;
}

/** Finds the ingredient named among words. */
export type NameFinder = (words: readonly string[]) => NameMatch | null;

const noNames = (): Names => ({ entry: null, next: null });

/** The built-in names and those of own ingredients, which stand before them. */
function namesOf(ingredients: readonly Ingredient[], own: readonly Ingredient[]): Names {
  const all = noNames();
  const add = (name: string, entry: Entry): void => {
    const words = wordsOf(name);
    if (words.length === 0) return;
    let at = all;
    for (const word of words) {
      at.next ??= new Map();
      const next = at.next.get(word) ?? noNames();
      at.next.set(word, next);
      at = next;
    }
    at.entry = entry;
  };
  const addAll = ({ id, name, aliases, loosely = [], ...facts }: Ingredient): void => {
    const sure = {
      ingredientId: id,
      assumedKind: false,
      otherKinds: [],
      hasVarieties: facts.hasVarieties ?? false,
      ofAnyFruit: facts.ofAnyFruit ?? false,
      isFruit: facts.food === 'fruit',
      isPureed: facts.class === 'paste',
    };
    // "Corn flour (whole-grain)" answers to "corn flour" too; the bracket tells kinds apart.
    const bare = name.replace(/\s*\(.*\)/, '');
    const bracket = /\((.*)\)/.exec(name)?.[1];
    add(bare, sure);
    if (bracket) add(`${bracket} ${bare}`, sure);
    for (const alias of aliases) add(alias, sure);
    for (const alias of loosely) add(alias, { ...sure, assumedKind: true });
  };
  ingredients.forEach(addAll);
  for (const [name, [assumed, ...others]] of Object.entries(AMBIGUOUS_NAMES)) {
    add(name, {
      ingredientId: assumed,
      assumedKind: true,
      otherKinds: others,
      hasVarieties: false,
      ofAnyFruit: false,
      isFruit: false,
      isPureed: false,
    });
  }
  own.forEach(addAll);
  return all;
}

function find({ next: first }: Names, words: readonly string[]): NameMatch | null {
  let best: Entry | null = null;
  let from = 0;
  let length = 0;
  for (let start = words.length - 1; start >= 0; start--) {
    let at = first?.get(words[start]!);
    for (let end = start + 1; at; end++) {
      if (at.entry && end - start > length) {
        best = at.entry;
        from = start;
        length = end - start;
      }
      at = at.next && end < words.length ? at.next.get(words[end]!) : undefined;
    }
  }
  if (!best) return null;
  // Spelled out: spreading is ten times as slow, and this is every line.
  const { ingredientId, assumedKind, otherKinds, hasVarieties, ofAnyFruit, isFruit, isPureed } =
    best;
  return {
    ingredientId,
    assumedKind,
    otherKinds,
    hasVarieties,
    ofAnyFruit,
    isFruit,
    isPureed,
    start: from,
    end: from + length,
  };
}

/**
 * A finder for the ingredient named among `words` (as made by `wordsOf`): the longest name wins; of
 * two equally long the later one, since the noun comes last ("vanilla sugar" is a sugar). It comes
 * to null when no word names an ingredient. A kitchen's own ingredients go before the others.
 */
export function nameFinder(
  ingredients: readonly Ingredient[],
  own: readonly Ingredient[],
): NameFinder {
  const names = namesOf(ingredients, own);
  return (words) => find(names, words);
}

/** The same finder where an unknown word is no sign of a variety: prose, or a word misspelt. */
export const withoutVarieties =
  (findName: NameFinder): NameFinder =>
  (words) => {
    const found = findName(words);
    return found && { ...found, hasVarieties: false };
  };
