import { AMBIGUOUS_NAMES } from './ambiguous.js';
import { CATALOGUE } from './catalogue.js';
import { wordsOf } from './words.js';

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

type Entry = Pick<NameMatch, 'ingredientId' | 'assumedKind' | 'otherKinds'>;

const SEPARATOR = ' ';

function buildIndex(): { entries: ReadonlyMap<string, Entry>; longest: number } {
  const entries = new Map<string, Entry>();
  let longest = 0;
  const add = (name: string, entry: Entry): void => {
    const words = wordsOf(name);
    longest = Math.max(longest, words.length);
    entries.set(words.join(SEPARATOR), entry);
  };
  for (const { id, name, aliases, loosely = [] } of CATALOGUE) {
    const sure: Entry = { ingredientId: id, assumedKind: false, otherKinds: [] };
    // "Corn flour (whole-grain)" answers to "corn flour" too; the bracket tells kinds apart.
    add(name.replace(/\s*\(.*\)/, ''), sure);
    const bracket = /\((.*)\)/.exec(name)?.[1];
    if (bracket) add(`${bracket} ${name.replace(/\s*\(.*\)/, '')}`, sure);
    for (const alias of aliases) add(alias, sure);
    for (const alias of loosely) add(alias, { ...sure, assumedKind: true });
  }
  for (const [name, [assumed, ...others]] of Object.entries(AMBIGUOUS_NAMES)) {
    add(name, { ingredientId: assumed, assumedKind: true, otherKinds: others });
  }
  return { entries, longest };
}

const INDEX = buildIndex();

/**
 * The ingredient named among `words` (as made by `wordsOf`): the longest name wins; of two
 * equally long the later one, since the noun comes last ("vanilla sugar" is a sugar).
 * Null when no word names an ingredient.
 */
export function findName(words: readonly string[]): NameMatch | null {
  for (let length = Math.min(INDEX.longest, words.length); length > 0; length--) {
    for (let start = words.length - length; start >= 0; start--) {
      const key = length === 1 ? words[start]! : words.slice(start, start + length).join(SEPARATOR);
      const entry = INDEX.entries.get(key);
      if (entry) return { ...entry, start, end: start + length };
    }
  }
  return null;
}
