import { readAmount } from '../amount/index.js';
import { NOMINAL_UNITS, type Unit } from '../units/index.js';
import { ASKING_WORDS, SOLD_IN_STICKS } from './asking-words.js';
import { measureNamed } from './measure-words.js';
import type { QuickKitchen } from './quick-kitchen.js';

/** A question with its words put in order: so much of a unit, of what, and in what it is wanted. */
export interface OrderedQuestion {
  readonly matter: string;
  /** A unit, another kind or what is counted; null where the question does not say. */
  readonly into: string | null;
  /** The word that joins the two: "in", "to". */
  readonly link?: string | undefined;
}

/** What asks for a weight, where no unit does. */
const ASKS_WEIGHT = /\b(?:weigh|weighs|weight|heavy|wiegt|wiegen|p[èe]se(?:nt)?)\b/i;
const MOST_WORDS = 12;

/** The words of a question by what they are, each list in its order. */
interface SortedWords {
  readonly amounts: { readonly amount: string; readonly unit: string | null }[];
  /** Units that no amount stands before. */
  readonly units: string[];
  /** What names the ingredient, before the amount and behind it. */
  readonly before: string[];
  readonly behind: string[];
}

/** "cups", "fl oz", "cuillères à soupe": the shortest counts, as "cups icing" is none. */
const LENGTHS_OF_A_UNIT = [1, 2, 3] as const;

/** The unit that some words are, and how many; null for none. */
function unitAt(
  words: readonly string[],
  at: number,
  kitchen: QuickKitchen,
): { readonly unit: string; readonly length: number } | null {
  for (const length of LENGTHS_OF_A_UNIT) {
    const unit = words.slice(at, at + length).join(' ');
    const isThere = at + length <= words.length;
    if (isThere && measureNamed(unit, kitchen) !== null) return { unit, length };
  }
  return null;
}

/** How many words a number takes at the start of some; none where it is only an article. */
function amountAt(words: readonly string[], at: number): number {
  const rest = words.slice(at).join(' ');
  const found = readAmount(rest);
  if (!found || /^an?$/.test(rest.slice(0, found.length).trim())) return 0;
  return rest.slice(0, found.length).trim().split(' ').length;
}

function sorted(words: readonly string[], kitchen: QuickKitchen): SortedWords {
  const found: SortedWords = { amounts: [], units: [], before: [], behind: [] };
  for (let at = 0; at < words.length;) {
    const numbers = amountAt(words, at);
    if (numbers > 0) {
      const amount = words.slice(at, at + numbers).join(' ');
      at += numbers;
      let next = at;
      while (next < words.length && /^(?:of|an?)$/.test(words[next]!)) next++;
      const unit = unitAt(words, next, kitchen);
      if (unit) at = next + unit.length;
      found.amounts.push({ amount, unit: unit?.unit ?? null });
      continue;
    }
    if (ASKING_WORDS.has(words[at]!)) {
      at++;
      continue;
    }
    const unit = unitAt(words, at, kitchen);
    if (unit) found.units.push(unit.unit);
    else (found.amounts.length > 0 ? found.behind : found.before).push(words[at]!);
    at += unit?.length ?? 1;
  }
  return found;
}

/**
 * The questions that words in an order of their own may ask ("treacle 1 tbsp g", "grams per cup
 * rolled oats", "grams to cups 300 flour"), in the usual order, the likeliest first. None where no
 * unit stands in it, or more numbers or units than a question has.
 */
export function inOrder(text: string, kitchen: QuickKitchen): OrderedQuestion[] {
  const words = wordsOf(text);
  if (words.length > MOST_WORDS) return [];
  const { amounts, units, before, behind } = sorted(words, kitchen);
  if (amounts.length > 1) return [];
  const asked = roles(amounts[0] ?? null, units, kitchen);
  if (!asked || (asked.into === null && asked.unit === null)) return [];
  const into = asked.into ?? (ASKS_WEIGHT.test(text) ? 'g' : null);
  const isUnnamed = before.length + behind.length === 0;
  const isSticks = asked.unit !== null && measureNamed(asked.unit, kitchen)?.unit === 'stick';
  const names = isUnnamed && isSticks ? [SOLD_IN_STICKS] : namesOf(before, behind);
  return names.map((name) => ({
    matter: [asked.amount, asked.unit, name].filter(Boolean).join(' '),
    into,
  }));
}

/** "fast action yeast 7 g", "breadcrumbs dry": an amount and a name in every order they may have. */
export function amountFirst(matter: string, kitchen: QuickKitchen): string[] {
  const words = wordsOf(matter);
  if (words.length > MOST_WORDS) return [];
  const { amounts, units, before, behind } = sorted(words, kitchen);
  const [one, more] = amounts;
  if (!one || more || units.length > 0) return [];
  return namesOf(before, behind).map((name) =>
    [one.amount, one.unit, name].filter(Boolean).join(' '),
  );
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/[=?!,:]+/g, ' ')
    .replace(/(\d)(?=[a-z]{1,9}\b)/g, '$1 ')
    .trim()
    .split(/\s+/);

/** The orders in which words may name something: "salt … kosher" is kosher salt. */
function namesOf(before: readonly string[], behind: readonly string[]): string[] {
  const written = [...before, ...behind];
  const lastFirst = written.length < 2 ? written : [written.at(-1)!, ...written.slice(0, -1)];
  const orders = [written, [...behind, ...before], lastFirst].map((words) => words.join(' '));
  return [...new Set(orders)];
}

/** Which unit the amount is in and in which it is wanted; null where there are too many of them. */
function roles(
  written: SortedWords['amounts'][number] | null,
  units: readonly string[],
  kitchen: QuickKitchen,
): { readonly amount: string; readonly unit: string | null; readonly into: string | null } | null {
  const [first, second] = units;
  if (written && (written.unit !== null || units.length < 2)) {
    return units.length > 1 ? null : { ...written, into: first ?? null };
  }
  if (units.length > 2) return null;
  // "grams to cups 300 flour": from the one to the other.
  if (written) return { amount: written.amount, unit: first!, into: second ?? null };
  // "grams per cup oats", "tbsp to ml": without an amount it is one of what is filled.
  const filled = units.find((unit) => isFilledByOne(unit, kitchen));
  if (filled === undefined) return null;
  const into = units.find((unit) => unit !== filled) ?? null;
  return { amount: '1', unit: filled, into };
}

/** Of these one is meant where no number is written; nobody asks for one millilitre. */
const FILLED_BY_ONE: ReadonlySet<Unit> = new Set([
  'cup',
  'tbsp',
  'tsp',
  'pint',
  'quart',
  'stick',
  ...NOMINAL_UNITS,
]);

/** Whether a unit without a number is one of it: a cup, a spoon, a stick. */
export const isFilledByOne = (unit: string, kitchen: QuickKitchen): boolean => {
  const named = measureNamed(unit, kitchen);
  return named !== null && FILLED_BY_ONE.has(named.unit);
};
