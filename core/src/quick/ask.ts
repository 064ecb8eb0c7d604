import { heatIn, type HeatAnswer } from './heat.js';
import {
  measureIn,
  unitIn,
  type MeasureAnswer,
  type NoAnswer,
  type QuickKitchen,
} from './measure.js';
import { insteadOf, type InsteadAnswer } from './instead.js';
import { panBetween, type PanAnswer } from './pans.js';
import { unitsBetween, type UnitAnswer } from './units.js';
import { multiplied } from './times.js';
import { partsOf, type QuestionParts } from './question.js';
import { readLine } from '../reading/index.js';
import type { Standard } from '../units/index.js';

/** The answer to a quick question. */
export type QuickAnswer =
  MeasureAnswer | UnitAnswer | HeatAnswer | PanAnswer | InsteadAnswer | NoAnswer;

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
 * @example ask('21 g fresh yeast to instant', kitchen) // 7 g of instant yeast
 */
export function ask(text: string, kitchen: QuickKitchen): QuickAnswer {
  const parts = partsOf(text.slice(0, LONGEST));
  if (parts.of === '') return { kind: 'none', reason: 'empty', closest: [] };
  const heat = heatIn(parts.of);
  if (heat) return heat;
  const pans = parts.into === null ? null : panBetween(parts.of, parts.into);
  if (pans) return pans;
  const { standard, rest } = standardIn(parts.of);
  const here = standard ? { ...kitchen, standard } : kitchen;
  const { of, into } = turned({ ...parts, of: rest }, here);
  return answer(multiplied(of), into, here);
}

function answer(of: string, into: string | null, kitchen: QuickKitchen): QuickAnswer {
  // "flour as sold": no unit follows, so all of it is the question.
  const hasUnit = into !== null && unitIn(into, kitchen) !== null;
  const units = hasUnit || into === null ? unitsBetween(of, into, kitchen) : null;
  if (units) return units;
  const instead = hasUnit || into === null ? null : insteadOf(of, into, kitchen);
  if (instead) return instead;
  const [matter, unit] = hasUnit ? [of, into] : [into ? `${of} ${into}` : of, null];
  const found = measureIn(matter, unit, kitchen);
  if (found.kind === 'measure') return found;
  for (const [other, wanted] of otherwise(matter, unit, kitchen)) {
    const one = measureIn(other, wanted, kitchen);
    if (one.kind === 'measure') return one;
  }
  return found;
}

/** "grams in 1 cup butter", "cups in a pint": the unit stands first. */
function turned({ of, into, isOfOne }: QuestionParts, kitchen: QuickKitchen): QuestionParts {
  const isUnitFirst = into !== null && unitIn(of, kitchen) !== null;
  const isAmountBehind = into !== null && /^(?:\d|[½¼¾⅓⅔⅛]|half |quarter )/.test(into);
  return isUnitFirst && (isAmountBehind || isOfOne)
    ? { of: isAmountBehind ? into : `1 ${into}`, into: of, isOfOne }
    : { of, into, isOfOne };
}

/** Whose cups and spoons are meant, where the question says it. */
const STANDARD_WORDS: readonly (readonly [RegExp, Standard])[] = [
  [/\baustralian\b/i, 'australian'],
  [/\b(?:american|u\.?s\.?)(?= )/i, 'us-customary'],
  [/\bimperial\b/i, 'imperial'],
  [/\b(?:british|uk)\b/i, 'british'],
  [/\bmetric\b/i, 'metric'],
  [/\bjapanese\b/i, 'japanese'],
];

function standardIn(text: string): { readonly standard: Standard | null; readonly rest: string } {
  const found = STANDARD_WORDS.find(([word]) => word.test(text));
  if (!found) return { standard: null, rest: text };
  const rest = text.replace(found[0], '').replace(/\s+/g, ' ').trim();
  return { standard: found[1], rest };
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
  const hasAmount = /^[\d½¼¾⅓⅔⅛.]/.test(matter);
  const one = (text: string): string => (hasAmount ? text : `1 ${text}`);
  const [, rest, last] = /^(.+?) ((?:fl )?[a-z.]+)$/i.exec(matter) ?? [];
  if (unit === null && rest && last && unitIn(last, kitchen)) yield [one(rest), last];
  yield [one(matter), unit];
  if (hasAmount) return;
  yield [`1 ${isBySpoon(matter, kitchen) ? 'tsp' : 'cup'} ${matter}`, unit];
}
