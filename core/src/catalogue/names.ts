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
}

interface Entry extends Pick<NameMatch, 'ingredientId' | 'assumedKind' | 'otherKinds'> {
  readonly words: readonly string[];
}

/** Names by their first word, longest first. */
type NameIndex = ReadonlyMap<string, readonly Entry[]>;

/** Finds the ingredient named among words. */
export type NameFinder = (words: readonly string[]) => NameMatch | null;

/** The index over the built-in names and those of own ingredients, which stand before them. */
function buildIndex(ingredients: readonly Ingredient[], own: readonly Ingredient[]): NameIndex {
  const entries = new Map<string, Entry>();
  const add = (name: string, entry: Omit<Entry, 'words'>): void => {
    const words = wordsOf(name);
    if (words.length > 0) entries.set(words.join(' '), { ...entry, words });
  };
  const addAll = ({ id, name, aliases, loosely = [] }: Ingredient): void => {
    const sure = { ingredientId: id, assumedKind: false, otherKinds: [] };
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
    add(name, { ingredientId: assumed, assumedKind: true, otherKinds: others });
  }
  own.forEach(addAll);
  const byFirstWord = new Map<string, Entry[]>();
  for (const entry of entries.values()) {
    const first = entry.words[0]!;
    const same = byFirstWord.get(first);
    if (same) same.push(entry);
    else byFirstWord.set(first, [entry]);
  }
  for (const same of byFirstWord.values()) same.sort((a, b) => b.words.length - a.words.length);
  return byFirstWord;
}

function standsAt(name: readonly string[], words: readonly string[], start: number): boolean {
  if (start + name.length > words.length) return false;
  for (let i = 1; i < name.length; i++) if (words[start + i] !== name[i]) return false;
  return true;
}

function find(index: NameIndex, words: readonly string[]): NameMatch | null {
  let best: Entry | null = null;
  let at = 0;
  for (let start = words.length - 1; start >= 0; start--) {
    const found = index.get(words[start]!)?.find((entry) => standsAt(entry.words, words, start));
    if (!found || (best && found.words.length <= best.words.length)) continue;
    best = found;
    at = start;
  }
  if (!best) return null;
  const { ingredientId, assumedKind, otherKinds } = best;
  return { ingredientId, assumedKind, otherKinds, start: at, end: at + best.words.length };
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
  const index = buildIndex(ingredients, own);
  return (words) => find(index, words);
}
