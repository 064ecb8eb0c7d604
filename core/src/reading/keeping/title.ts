import { wordsOf, type Shelf } from '../../catalogue/index.js';
import {
  CHILLED,
  CHILLED_ENDINGS,
  DISHES,
  DISH_ENDINGS,
  DRIED,
  FRENCH,
  HUNG,
  JARRED,
  JELLIES,
  NOISE,
  OILS,
  POTTED,
  PREPOSITIONS,
  PRESERVED,
  PRESERVES,
  PRESERVE_ENDINGS,
  SPIRITS,
} from './title-words.js';

/** What a title says that a dish is; `open` where it names nothing that is known here. */
export type Dish = 'preserve' | 'jelly' | 'maybe-preserve' | 'chilled' | 'dish' | 'open';

/** The words of a title: lower case, no accents, hyphens opened, without what stands in brackets. */
export function titleWords(title: string): string[] {
  return title
    .replace(/[([][^)\]]*[)\]]/g, ' ')
    .toLowerCase()
    .replace(/œ/g, 'oe')
    .replace(/ß/g, 'ss')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/\b(roly)[- ](poly)\b/g, '$1$2')
    .replace(/\brum[- ]?pot\b/g, 'rumtopf')
    .replace(/\b(home|dry|salt|lacto|air)[- ](cured|canned|fermented?e?s?|dried)\b/g, '$1$2')
    .replace(/\beau[- ]de[- ]vie\b/g, 'eaudevie')
    .split(/[^a-z]+/)
    .filter((word) => word !== '');
}

interface Named {
  /** The noun that says what it is. */
  readonly head: string;
  /** The words beside it, up to the first preposition. */
  readonly beside: readonly string[];
  /** What stands behind the first preposition. */
  readonly behind: readonly string[];
}

function namedIn(title: string): Named | null {
  // "Zucchini relish, country style": what stands behind a comma is told of what stands before.
  const [start = '', ...rest] = title.split(/[,:–]/);
  const words = titleWords(start);
  const told = titleWords(rest.join(' '));
  const at = words.findIndex((word, index) => index > 0 && PREPOSITIONS.has(word));
  const first = (at < 0 ? words : words.slice(0, at)).filter((word) => !NOISE.has(word));
  const behind = [...(at < 0 ? [] : words.slice(at)), ...told].filter((word) => !NOISE.has(word));
  if (first.length === 0) return null;
  const isFrench = words.some((word) => FRENCH.has(word) && word !== 'a' && word !== 'en');
  // "Saucisson sec", "légumes lacto-fermentés": how it was kept stands behind the noun.
  const isSaidBehind = isAdjective(first.at(-1)!);
  const isFirst = isFrench || isSaidBehind || FRENCH_HEADS.has(first.at(-1)!);
  const head = isFirst ? first[0]! : first.at(-1)!;
  return { head, beside: first.filter((word) => word !== head), behind };
}

const isAdjective = (word: string): boolean => DRIED.has(word) || PRESERVED.has(word);
const isPreserve = (word: string): boolean => PRESERVES.has(word) || PRESERVE_ENDINGS.test(word);
const isDish = (word: string): boolean => DISHES.has(word) || DISH_ENDINGS.test(word);

/**
 * What the head noun of a title makes of a dish: "bread and butter pickles" are pickles, a "jam
 * roly-poly" and "Berliner mit Marmelade" are baked. Words of the title that are not its head only
 * count where they say how the head is kept: pickled, in jars, in rum, under oil.
 */
export function dishOf(title: string, shelf: Shelf): Dish {
  const named = namedIn(title);
  if (!named) return 'open';
  const { head, beside, behind } = named;
  const last = behind.at(-1) ?? '';
  const isSaidOf = (words: ReadonlySet<string>): boolean =>
    beside.some((word) => words.has(word)) || behind.some((word) => words.has(word));

  if (isPreserve(head) && !JELLIES.has(head)) return 'preserve';
  if (JELLIES.has(head) || /gelee$/.test(head)) return 'jelly';
  if ((head === 'paste' || head === 'cheese') && QUINCES.has(beside.at(-1) ?? ''))
    return 'preserve';
  if (head === 'beurre' && FRENCH_FRUIT.has(last)) return 'preserve';
  if (head === 'butter') return fruitButter(beside, shelf);
  // French says "citrons confits", "ail confit": what is kept comes before how.
  if (/^confite?s?$/.test(beside[0] ?? '') && head !== 'fruits' && !isDish(head)) return 'preserve';
  if (HUNG.has(head) && isSaidOf(DRIED)) return 'preserve';
  if (POTTED.has(head) && isSaidOf(JARRED)) return 'preserve';
  if (CHILLED.has(head) || CHILLED_ENDINGS.test(head)) return 'chilled';
  const isPreserved = beside.some((word) => PRESERVED.has(word));
  if (head === 'oil' && beside.length > 0) return oilOf(beside, shelf);
  if (isDish(head)) return beside.some((word) => word === 'canning') ? 'preserve' : 'dish';
  if (isPreserved || behind.some((word) => PRESERVED.has(word))) {
    return 'preserve';
  }
  if (OILS.has(last)) return 'preserve';
  if (last === 'vinaigre') return 'maybe-preserve';
  if (SPIRITS.has(last))
    return last === 'rhum' && head !== 'fruits' ? 'maybe-preserve' : 'preserve';
  if (head === 'choucroute') return 'maybe-preserve';
  return behind.some((word) => JARRED.has(word)) ? 'maybe-preserve' : 'open';
}

/** Apple butter is cooked down to keep; peanut butter and garlic butter are not. */
function fruitButter(beside: readonly string[], shelf: Shelf): Dish {
  const before = beside.at(-1);
  if (before === undefined) return 'open';
  if (before === 'fruit') return 'preserve';
  const food = shelf.ingredient(shelf.findName(wordsOf(before))?.ingredientId ?? '')?.food;
  return food === 'fruit' || FRUIT_BUTTERS.has(before) ? 'preserve' : 'open';
}
const FRENCH_FRUIT: ReadonlySet<string> = new Set(['pommes', 'poires', 'prunes', 'citrouille']);
const QUINCES: ReadonlySet<string> = new Set(['quince', 'guava', 'damson', 'fruit']);
/** French puts them first: standing last they are what something is filled with. */
const FRENCH_HEADS: ReadonlySet<string> = new Set(['confiture', 'confitures']);
const FRUIT_BUTTERS: ReadonlySet<string> = new Set(['quince', 'pumpkin', 'damson', 'guava']);

/** Garlic and herbs in oil can grow botulism; nuts and seeds pressed for oil can't. */
function oilOf(beside: readonly string[], shelf: Shelf): Dish {
  const isMoist = beside.some((word) => {
    const food = shelf.ingredient(shelf.findName(wordsOf(word))?.ingredientId ?? '')?.food;
    return food === 'herb' || food === 'vegetable' || MOIST.has(word);
  });
  return isMoist ? 'preserve' : 'open';
}
const MOIST: ReadonlySet<string> = new Set(['infused', 'herb', 'herbs', 'basil', 'rosemary']);
