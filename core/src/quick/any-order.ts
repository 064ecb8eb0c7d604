import { readAmount } from '../amount/index.js';
import type { Unit } from '../units/index.js';
import { measureNamed, type QuickKitchen } from './measure.js';

/** A question with its words put in order: so much of a unit, of what, and in what it is wanted. */
export interface OrderedQuestion {
  readonly matter: string;
  readonly into: string | null;
}

/** Words that ask, in the languages that are read: they name nothing. */
const ASKING: ReadonlySet<string> = new Set([
  'how',
  'much',
  'many',
  'what',
  'is',
  'are',
  'does',
  'do',
  'it',
  'make',
  'makes',
  'equal',
  'equals',
  'per',
  'of',
  'a',
  'an',
  'the',
  'in',
  'to',
  'into',
  'for',
  'pls',
  'please',
  'convert',
  'conversion',
  'weight',
  'weigh',
  'weighs',
  'heavy',
  'approx',
  'about',
  'there',
  'wie',
  'viel',
  'wieviel',
  'wiegt',
  'wiegen',
  'ist',
  'sind',
  'eine',
  'ein',
  'einer',
  'im',
  'combien',
  'pèse',
  'pese',
  'pèsent',
  'font',
  'fait',
  'de',
  'd',
  'du',
  'une',
  'un',
  'en',
]);
/** What asks for a weight, where no unit does. */
const ASKS_WEIGHT = /\b(?:weigh|weighs|weight|heavy|wiegt|wiegen|p[èe]se(?:nt)?)\b/i;
const MOST_WORDS = 12;

interface Words {
  amount: string | null;
  unit: string | null;
  into: string | null;
  readonly name: string[];
}

/** The unit that a word is; null for none. */
function unitOf(word: string, kitchen: QuickKitchen): string | null {
  return measureNamed(word, kitchen) === null ? null : word;
}

/**
 * A question whose words stand in an order of their own ("treacle 1 tbsp g", "grams per cup rolled
 * oats"), put in the usual one. Null where no unit stands in it, or more of them than a question has.
 */
export function inOrder(text: string, kitchen: QuickKitchen): OrderedQuestion | null {
  const plain = text
    .toLowerCase()
    .replace(/[=?!,:]+/g, ' ')
    .replace(/(\d)(?=[a-z]{1,9}\b)/g, '$1 ')
    .trim();
  const all = plain.split(/\s+/);
  if (all.length > MOST_WORDS) return null;
  const found: Words = { amount: null, unit: null, into: null, name: [] };
  const units: string[] = [];
  for (let at = 0; at < all.length; at++) {
    const word = all[at]!;
    const rest = all.slice(at).join(' ');
    const amount = /^[\d½¼¾⅓⅔⅛.]/.test(word) ? readAmount(rest) : null;
    if (amount) {
      if (found.amount !== null) return null;
      const used = rest.slice(0, amount.length).trim().split(' ').length;
      found.amount = rest.slice(0, amount.length).trim();
      at += used - 1;
      const next = all[at + 1];
      found.unit = next === undefined ? null : unitOf(next, kitchen);
      if (found.unit !== null) at++;
      continue;
    }
    if (ASKING.has(word)) continue;
    const unit = unitOf(word, kitchen);
    if (unit === null) found.name.push(word);
    else units.push(unit);
  }
  // "grams per cup oats", "tbsp to ml": without an amount it is one of what is filled.
  if (found.amount === null) {
    const filled = units.find((unit) => isFilledByOne(unit, kitchen));
    if (filled === undefined) return null;
    found.unit = filled;
    units.splice(units.indexOf(filled), 1);
  }
  if (units.length > 1 || (found.unit === null && units.length === 0)) return null;
  found.into = units[0] ?? (ASKS_WEIGHT.test(text) ? 'g' : null);
  const matter = [found.amount ?? '1', found.unit, ...found.name].filter(Boolean).join(' ');
  return { matter, into: found.into };
}

/** Of these one is meant where no number is written; nobody asks for one millilitre. */
const FILLED_BY_ONE: ReadonlySet<Unit> = new Set(['cup', 'tbsp', 'tsp', 'pint', 'quart', 'stick']);

const isFilledByOne = (unit: string, kitchen: QuickKitchen): boolean => {
  const named = measureNamed(unit, kitchen);
  return named !== null && FILLED_BY_ONE.has(named.unit);
};
