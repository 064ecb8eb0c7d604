import type { LineParts, PartWords, ReadingContext } from './line-parts.js';
import { findIngredient } from './ingredient-line.js';
import { isRemarkWord, readPhrase, remarkWords } from './phrase.js';
import { readQuantity } from '../amounts/index.js';
import { takenFromSame, takenTogether } from './fruit.js';
import { placeNamed } from '../vocabulary/index.js';

type Stretch = PartWords[number];

const LONE: readonly PartWords[] = [];

/** What may hold several ingredients: most lines do not, and are looked at no closer. */
const MAYBE_SEVERAL = /[,;+&]| (?:and|plus|with|in|each) |w\/|[a-z)] \d/i;

const AMOUNT = String.raw`(?=\(?[\d.]|(?:an?|one|two|three|four|five|six|half|pinch|dash|knob) )`;
/** What stands between two ingredients where the second has an amount of its own. */
const JOINT = new RegExp(
  String.raw`(?<sign> ?[,;+&]| (?:plus|and|with|in)(?= )| w\/)(?:,? ?(?:plus|and|with|another|also)(?= ))* ?${AMOUNT}| (?=\d)`,
  'gi',
);
const ADDS = /^(?: ?[+&]| plus| and)$/i;

/** Between the names of a list. */
const LIST = / ?[,;] ?(?:and |& )?| (?:and|&) /gi;
const HAS_LAST = / (?:and|&) /i;
/** "1/2 tsp each of cinnamon and cloves", "1 cup each: oats, flour". */
const EACH = /^(.{1,40}?\b(?:each|ea\.)(?: of\b)?):?(?= )/i;
/** Names without amounts are a list from so many on, where no "and" says that they are one. */
const FEWEST_IN_LIST = 3;
const MOST_NAME_WORDS = 4;

/** Whether a place lies within brackets, which are read with what stands before them. */
function isBracketed(text: string, at: number): boolean {
  let depth = 0;
  for (let index = 0; index < at; index++) {
    if (text[index] === '(' || text[index] === '[') depth++;
    if (text[index] === ')' || text[index] === ']') depth--;
  }
  return depth > 0;
}

/** Whether words with an amount of their own are an ingredient: they name one, or measure something. */
function isMeasured(
  found: LineParts | null,
  { shelf }: ReadingContext,
): found is LineParts & { readonly quantity: NonNullable<LineParts['quantity']> } {
  if (!found?.quantity) return false;
  const { quantity, phrase } = found;
  if (!phrase.name) return false;
  if (quantity.unit !== null || found.byFruit) return true;
  const { weights = [] } = shelf.ingredient(phrase.name.ingredientId) ?? {};
  return weights.some(({ unit }) => unit === 'each');
}

/** Whether an amount stands at the head of some words: nothing is counted before it. */
const isLed = (text: string, { quantity }: LineParts): boolean =>
  quantity !== null && !/\d/.test(text.slice(0, quantity.amountAt[0]));

const idOf = ({ phrase }: LineParts): string | undefined => phrase.name?.ingredientId;

/** "Softened in 1/2 cup of the milk": some of what another line has. */
const OF_ANOTHER_LINE = /^[\d./ -]+ ?[a-z]+\.? of the /i;

/** Whether an ingredient ends here and another, with its own amount, begins behind the joint. */
function isJoint(sign: string, left: string, right: string, context: ReadingContext): boolean {
  if (OF_ANOTHER_LINE.test(right)) return false;
  const second = findIngredient(right, context);
  if (!isMeasured(second, context) || !isLed(right, second)) return false;
  const first = findIngredient(left, context);
  if (!first) return false;
  const isUnknown = isLed(left, first) && first.quantity?.unit !== null && first.phrase.text !== '';
  if (ADDS.test(sign)) return first.phrase.name !== null || isUnknown;
  if (sign === '') {
    const end = first.phrase.nameAt?.[1] ?? 0;
    return isMeasured(first, context) && end === left.length && second.quantity.unit !== null;
  }
  // "1 lb apples, 3 medium apples": the same once more, said otherwise.
  if (idOf(first) === idOf(second)) return false;
  return first.quantity !== null && (first.phrase.name !== null || isUnknown);
}
/** Where each ingredient with an amount of its own stands. */
function measuredParts(text: string, context: ReadingContext): readonly Stretch[] {
  const found: Stretch[] = [];
  let start = 0;
  for (const joint of text.matchAll(JOINT)) {
    const at = joint.index;
    if (at <= start || isBracketed(text, at)) continue;
    const right = at + joint[0].length;
    const sign = joint.groups?.['sign'] ?? '';
    if (!isJoint(sign, text.slice(start, at), text.slice(right), context)) continue;
    found.push([start, at]);
    start = right;
  }
  return [...found, [start, text.length]];
}

/** The stretches of a list between its commas and its "and". */
function listed(text: string, from: number): readonly Stretch[] {
  const names: Stretch[] = [];
  let start = from;
  const add = (end: number): void => {
    while (start < end && text[start] === ' ') start++;
    if (start < end) names.push([start, end]);
  };
  for (const link of text.slice(from).matchAll(LIST)) {
    add(from + link.index);
    start = from + link.index + link[0].length;
  }
  add(text.length);
  return names;
}

/** Names of a list; words that only describe stay with the name before them. Null where one is unknown. */
function namesIn(text: string, from: number, { shelf }: ReadingContext): readonly Stretch[] | null {
  const names: Stretch[] = [];
  for (const [start, end] of listed(text, from)) {
    const words = text.slice(start, end);
    const before = names.at(-1);
    if (before && remarkWords(words).every(isRemarkWord)) {
      names[names.length - 1] = [before[0], end];
      continue;
    }
    const { name, tail } = readPhrase(words, 0, shelf.findName);
    if (!name || tail !== '' || words.split(' ').length > MOST_NAME_WORDS) return null;
    names.push([start, end]);
  }
  return names;
}

/** "1/2 tsp each cinnamon and cloves": each of them has the amount. */
function eachIn(text: string, context: ReadingContext): readonly PartWords[] {
  const each = EACH.exec(text);
  if (!each || !readQuantity(text, 0, context.standard)) return LONE;
  const names = namesIn(text, each[0].length, context) ?? [];
  const shared: Stretch = [0, each[1]!.length];
  return names.length < 2 ? LONE : names.map((name) => [shared, name]);
}

/** "Salt and pepper", "currants, raisins, peel", "butter and flour for the tin": names alone. */
function namesAlone(text: string, context: ReadingContext): readonly PartWords[] {
  const found = findIngredient(text, context);
  if (!found || found.quantity) return LONE;
  const list = text.replace(/\.$/, '');
  const place = placeNamed(list)?.at ?? list.length;
  const names = namesIn(list.slice(0, place).trimEnd(), 0, context) ?? [];
  const isList = names.length >= FEWEST_IN_LIST || (names.length === 2 && HAS_LAST.test(text));
  const shared: PartWords = place < list.length ? [[place, list.length]] : [];
  return isList ? names.map((name) => [name, ...shared]) : LONE;
}

/** "A pinch of salt and a little nutmeg": a second name behind the first, with no amount. */
function secondIn(text: string, context: ReadingContext): readonly PartWords[] {
  const { quantity, phrase } = findIngredient(text, context) ?? {};
  const at = phrase?.second ? text.indexOf(phrase.second) : -1;
  const link = at < 0 ? null : / ?(?:and|&) $/i.exec(text.slice(0, at));
  // "Bread and butter pickles, 1 cup": what comes before its amount is one name.
  if (!link || isBracketed(text, at) || (quantity && quantity.amountAt[0] > at)) return LONE;
  return [[[0, at - link[0].length]], [[at, text.length]]];
}

/** More of the same for another place: "1 cup butter, plus 2 tbsp for the pan". */
const MORE_ELSEWHERE =
  /[,;]? (?:plus|and|\+|&) (?:another |also )?(?=[\d.]|an? |one |two |half )/gi;

/** "Plus 1 tbsp extra", "plus 2 tablespoons": more of the same, wherever it goes. */
const EXTRA = /^ ?(?:extra|more)?$/i;

function elsewhere(text: string, context: ReadingContext): readonly PartWords[] {
  const first = findIngredient(text, context);
  const { nameAt } = first?.phrase ?? {};
  if (!first?.quantity || !first.phrase.name || !nameAt) return LONE;
  for (const more of text.matchAll(MORE_ELSEWHERE)) {
    const at = more.index + more[0].length;
    const rest = text.slice(at);
    const quantity = readQuantity(rest, 0, context.standard);
    const extra = quantity && EXTRA.exec(rest.slice(quantity.end));
    const end = placeNamed(rest)?.at ?? (quantity && extra ? quantity.end + extra.index : null);
    if (more.index < nameAt[1] || !quantity || end === null || quantity.end > end) continue;
    // "Plus a little for the tin" says no amount.
    if (quantity.byArticle && quantity.unit === null) continue;
    // "2 eggs, plus 1 beaten for glazing": nothing but what is done to it stands between.
    if (!remarkWords(rest.slice(quantity.end, end)).every(isRemarkWord)) continue;
    if (isBracketed(text, more.index)) continue;
    const own: PartWords = [[at, at + quantity.end], nameAt, [at + quantity.end, text.length]];
    return [[[0, more.index]], own];
  }
  return LONE;
}

/**
 * The words of each ingredient that a line names, in their order; none where it names only one.
 * What several share ("1 tsp each", "of 2 lemons") belongs to each of them.
 */
export function partsIn(text: string, context: ReadingContext): readonly PartWords[] {
  if (!MAYBE_SEVERAL.test(text)) return LONE;
  const measured = measuredParts(text, context);
  const parts = measured.flatMap(([start, end], index): readonly PartWords[] => {
    const own = text.slice(start, end);
    const [from, to] = measured[index - 1] ?? [0, 0];
    const same = takenFromSame(text.slice(from, to), own, context);
    if (same) {
      const fruit: Stretch = [same.fruit[0] + from, same.fruit[1] + from];
      return [[[start, start + same.at], fruit, [start + same.at, end]]];
    }
    const ways = [takenTogether, eachIn, namesAlone, secondIn, elsewhere];
    for (const way of ways) {
      const found = way(own, context);
      if (found.length > 1) {
        return found.map((words) => words.map(([from, to]) => [from + start, to + start]));
      }
    }
    return [[[start, end]]];
  });
  return parts.length > 1 ? parts : LONE;
}
