import { heatIn, isHeatScale, type HeatAnswer } from './heat.js';
import { measureIn, noAnswer, unknownIn, type MeasureAnswer, type NoAnswer } from './measure.js';
import { unitIn } from './measure-words.js';
import type { QuickKitchen } from './quick-kitchen.js';
import { lengthIn, type LengthAnswer } from './length.js';
import { countedIn, TAKEN_FROM_FRUIT, type CountAnswer } from './count.js';
import { insteadOf, type InsteadAnswer } from './instead.js';
import { panBetween, type PanAnswer } from './pans.js';
import { unitsAsAsked, unitsBetween, type UnitAnswer } from './units.js';
import { multiplied, together } from './times.js';
import { amountFirst, inOrder, type OrderedQuestion } from './any-order.js';
import { partsOf } from './question.js';
import { turned, unitLast } from './turned.js';
import { standardIn } from './whose-cups.js';
import { readLine } from '../reading/index.js';

/** The answer to a quick question. */
export type QuickAnswer =
  | LengthAnswer
  | MeasureAnswer
  | UnitAnswer
  | CountAnswer
  | HeatAnswer
  | PanAnswer
  | InsteadAnswer
  | NoAnswer;

/** A question longer than this is a recipe. */
const LONGEST = 200;

/**
 * Answers one line by itself: an amount of an ingredient or of nothing in particular, a heat, or one
 * pan or kind against another.
 *
 * @example ask('1 3/4 cups cocoa in grams', kitchen) // a measure of 151 g
 * @example ask('1 cup in ml', kitchen) // 237 mL
 * @example ask('350 F', kitchen) // 177 °C, gas mark 4
 * @example ask('20 cm round to 23 cm', kitchen) // 1.3225 times the batch
 * @example ask('200 g egg white in eggs', kitchen) // 6 of them
 * @example ask('21 g fresh yeast to instant', kitchen) // 7 g of instant yeast
 */
export function ask(text: string, kitchen: QuickKitchen): QuickAnswer {
  const parts = partsOf(text.slice(0, LONGEST));
  if (parts.of === '') return noAnswer('empty');
  const heat = heatIn(parts.of) ?? heatIn(text.slice(0, LONGEST));
  if (heat) return heat;
  if (parts.into !== null && isHeatScale(parts.of) && isHeatScale(parts.into)) {
    return noAnswer('no-heat');
  }
  const pans = parts.into === null ? null : panBetween(parts.of, parts.into);
  if (pans) return pans;
  const length = parts.into === null ? null : lengthIn(parts.of, parts.into);
  if (length) return length;
  const { standard, rest } = standardIn(parts.of);
  const here = standard ? { ...kitchen, standard } : kitchen;
  const { of, into, link } = turned(unitLast({ ...parts, of: rest }, here), here);
  const times = multiplied(together(of));
  // "double 3/4 cup" asks for cups again.
  const asAsked = times !== together(of) && into === null ? unitsAsAsked(times, here) : null;
  if (asAsked) return asAsked;
  const counted = into === null ? lastCounted(times, here) : null;
  if (counted) return counted;
  const usual = { matter: times, into: into && unitOfEquation(into, here), link };
  let first: NoAnswer | null = null;
  for (const order of orders(usual, text.slice(0, LONGEST), here)) {
    const found = answer(order, here);
    if (found.kind === 'none' && !CAN_BE_TURNED.has(found.reason)) return found;
    // Another order of the words has to say what is asked for, or it is not the one.
    const isAnswered = order === usual || order.into === null || hasWanted(found);
    if (found.kind !== 'none' && isAnswered) return found;
    // Why the words as they stand have no answer says more than why others have none.
    if (order === usual && found.kind === 'none') first = found;
  }
  const other = into === null ? otherKind(times, here) : null;
  if (other) return other;
  return first && first.reason !== 'unknown-ingredient' ? first : unknownIn(times, here);
}

/** "1/4 cup lemon juice lemons", "egg white 120 g eggs": the last word is what is counted. */
function lastCounted(text: string, kitchen: QuickKitchen): QuickAnswer | null {
  const [, matter, last] = /^(.+ .+) (\p{L}+)$/u.exec(text) ?? [];
  if (!matter || !last || unitIn(last, kitchen) !== null) return null;
  for (const of of [matter, ...amountFirst(matter, kitchen)]) {
    const isNamed = readLine(of, kitchen.standard, kitchen.shelf).ingredientId !== null;
    const found = isNamed ? countedIn(of, last, kitchen) : null;
    if (found) return found;
  }
  return null;
}

const hasWanted = (found: QuickAnswer): boolean =>
  found.kind !== 'measure' || found.wanted !== null;

/** What a question may ask, the likeliest order of its words first. */
function* orders(
  usual: OrderedQuestion,
  text: string,
  kitchen: QuickKitchen,
): Generator<OrderedQuestion> {
  const ordered = inOrder(text, kitchen);
  // "1/2 lb butter sticks": a second unit is what it is wanted in, not a word of the name.
  if (usual.into === null) yield* ordered.filter(({ into }) => into !== null);
  yield usual;
  // An order that leaves out what is asked for answers something else.
  yield* usual.into === null ? ordered : ordered.filter(({ into }) => into !== null);
  for (const matter of amountFirst(usual.matter, kitchen)) yield { ...usual, matter };
}

/** "3 tsp = 1 tbsp?": what is behind the sign says in which unit to answer. */
function unitOfEquation(into: string, kitchen: QuickKitchen): string {
  const [, unit] = /^\d+ ([a-z ]+)$/i.exec(into) ?? [];
  return unit && unitIn(unit, kitchen) !== null ? unit : into;
}

/** "10 g fresh yeast dry", "1 sachet dry yeast fresh equivalent": the other kind follows at once. */
function otherKind(text: string, kitchen: QuickKitchen): QuickAnswer | null {
  const words = text.replace(/ (?:equivalent|instead|substitute|replacement)$/i, '').split(' ');
  for (let at = words.length - 1; at > 1; at--) {
    const found = insteadOf(words.slice(0, at).join(' '), words.slice(at).join(' '), kitchen);
    if (found) return found;
  }
  return null;
}

/** What another order of the words may answer. */
const CAN_BE_TURNED: ReadonlySet<NoAnswer['reason']> = new Set([
  'no-amount',
  'unknown-ingredient',
  'unknown-weight',
  'two-things',
]);

/** Words that ask for something else than what stands before them. */
const ASKS_FOR_OTHER = /^(?:into|to|vs\.?|versus|=|->|→)$/i;

function answer(
  { matter: of, into, link = '' }: OrderedQuestion,
  kitchen: QuickKitchen,
): QuickAnswer {
  // "1 lemon, how much juice"
  if (into !== null && TAKEN_FROM_FRUIT.includes(into.toLowerCase()))
    return measureIn(`${into} of ${of}`, null, kitchen);
  const hasUnit = into !== null && unitIn(into, kitchen) !== null;
  const units = hasUnit || into === null ? unitsBetween(of, into, kitchen) : null;
  if (units) return units;
  const count =
    hasUnit || into === null
      ? null
      : countedIn(of, PIECES.test(into) ? nameIn(of, kitchen) : into, kitchen);
  if (count) return count;
  const instead = hasUnit || into === null ? null : insteadOf(of, into, kitchen);
  if (instead) return instead;
  if (into !== null && !hasUnit && isAnotherThing(of, into, kitchen)) return noAnswer('two-things');
  // "15 g yeast fresh to dried": an answer that leaves out what is asked for is none.
  if (into !== null && !hasUnit && ASKS_FOR_OTHER.test(link)) return noAnswer('two-things');
  // "flour as sold": no unit follows, so all of it is the question.
  const [matter, unit] = hasUnit
    ? [of, into]
    : [into ? [of, link, into].filter(Boolean).join(' ') : of, null];
  const found = measureIn(matter, unit, kitchen);
  if (found.kind === 'measure') return found;
  // "tablespoon ml"
  const [, unitFirst, unitLast] = /^(\S+) (\S+)$/.exec(matter) ?? [];
  const bare = unitFirst && unitLast ? unitsBetween(unitFirst, unitLast, kitchen) : null;
  if (bare) return bare;
  let best = found;
  for (const [other, wanted] of otherwise(matter, unit, kitchen)) {
    const one = measureIn(other, wanted, kitchen);
    if (one.kind === 'measure') return one;
    // What was understood and has no weight says more than what was not understood.
    if (one.reason === 'unknown-weight') best = one;
  }
  return best;
}

/** "1 kg potatoes how many": of what it is itself. */
const PIECES = /^(?:how many|pieces?|units?|stück|pièces?)$/i;

const nameIn = (of: string, { standard, shelf }: QuickKitchen): string => {
  const { spans, written } = readLine(of, standard, shelf);
  const name = spans.find(({ part }) => part === 'ingredient');
  return name ? written.slice(name.start, name.end) : of;
};

/** "12 muffins to 24 mini muffins", "20 g butter in flour": two things, and no way from one to the other. */
function isAnotherThing(of: string, into: string, { standard, shelf }: QuickKitchen): boolean {
  if (/^[\d½¼¾⅓⅔⅛]/.test(into)) return true;
  const [first, second] = [of, `1 g ${into}`].map(
    (text) => readLine(text, standard, shelf).ingredientId,
  );
  return Boolean(first && second && first !== second);
}

/** Of what no table has a cup nobody fills one. */
function isBySpoon(matter: string, { standard, shelf }: QuickKitchen): boolean {
  const { ingredientId } = readLine(`1 g ${matter}`, standard, shelf);
  const weights = ingredientId === null ? [] : (shelf.ingredient(ingredientId)?.weights ?? []);
  return weights.length > 0 && !weights.some(({ unit }) => unit === 'cup' || unit === 'stick');
}

/**
 * What is left out as one types: "cup sugar" is one cup, "egg white grams" one egg white in grams,
 * "banana" one of them, "flour" a cup of it.
 */
function* otherwise(
  matter: string,
  unit: string | null,
  kitchen: QuickKitchen,
): Generator<readonly [matter: string, unit: string | null]> {
  // A spoon may be any of three.
  if (/\bspoon/i.test(matter)) return;
  const hasAmount = /^[\d½¼¾⅓⅔⅛.]/.test(matter);
  const one = (text: string): string => (hasAmount ? text : `1 ${text}`);
  const [, rest, last] = /^(.+?) ((?:fl )?[a-z.]+)$/i.exec(matter) ?? [];
  if (unit === null && rest && last && unitIn(last, kitchen)) yield [one(rest), last];
  yield [one(matter), unit];
  if (hasAmount) return;
  yield [`1 ${isBySpoon(matter, kitchen) ? 'tsp' : 'cup'} ${matter}`, unit];
}
