import {
  Fraction,
  between,
  exactly,
  midpoint,
  readAmount,
  scale,
  type Amount,
  type AmountMatch,
} from '../../amount/index.js';
import type { Method } from '../../catalogue/index.js';
import { isVolumeUnit, type Standard, type Unit } from '../../units/index.js';
import { readAdjacentMeasure } from './adjacent-measure.js';
import { packageAt, splitMixed } from './packages.js';
import { LEVEL, qualifiersAt, type Qualifiers } from './qualifiers.js';
import { readFurtherMeasures } from './sums.js';
import { match, unitAt } from './unit-at.js';
import { HEAPING_WORDS, LEADING_WORDS, NOT_AN_AMOUNT } from '../vocabulary/index.js';

/** The measured part of a line: how much of what unit, and what it weighs if the line says so. */
export interface Quantity {
  readonly amount: Amount;
  readonly unit: Unit | null;
  /** How full its measure is, null when level. */
  readonly heapingWord: string | null;
  readonly method: Method | null;
  readonly container: boolean;
  readonly statedGrams: number | null;
  /** Another volume beside it that can't be the same, in millilitres; null otherwise. */
  readonly otherMillilitres: Amount | null;
  /** What the packages hold together in bare ounces: "two 14-oz cans"; null otherwise. */
  readonly packageOunces: Amount | null;
  /** The word for the unit, where it names a piece: "cake", "sheet". */
  readonly pieceWord: string | null;
  /** The cup or glass of the table that was meant, if any. */
  readonly household: string | null;
  /** What stood in brackets between unit and name. */
  readonly remark: string;
  /** Offsets in the text: of the amount, of the unit, and where the quantity ends. */
  readonly amountAt: readonly [number, number];
  readonly unitAt: readonly [number, number] | null;
  readonly end: number;
  /** The amount was a word such as "a", which by itself proves nothing. */
  readonly byArticle: boolean;
}

const LEAD_WORDS = new RegExp(
  `(?:(?:\\(?(?:${LEADING_WORDS.join('|')})\\b[.:)]*|[~≈±]|c\\.(?= ?\\d)|an?(?= (?:scant|generous|heaped|heaping|rounded|good|level|full) (?:half|third|quarter|\\d))) ?)+`,
  'iy',
);
/** "between 2 and 3 tablespoons". */
const BETWEEN_LINK = / and /iy;
/** Nominal units need no number: "pinch of salt" is one. */
const BARE_UNIT = /(?:pinch|dash|smidgen|stick|packet|sachet|envelope|knob|handful)\b/iy;
const GROUPED = /^\d{1,3},\d{3}$/;
/** "1.000 g": nobody weighs to a thousandth of a gram. */
const GROUPED_BY_DOTS = /^\d{1,3}(?:\.\d{3})+$/;
/** "3/4 of a cup": says nothing more than the amount does. */
const OF_A =
  / (?:of )?an?(?= (?:\w+ )?(?:cup|tea|table|dessert|salt|pint|quart|gallon|pound|ounce|lit|stick|packet|gill|block|can|tin))/iy;

/** "3 teaspoonfuls, level, of baking powder". */
const BEHIND_UNIT = /[, ] ?\(?([a-z]+)\)?,? (?=of )/iy;
/** "two (2) cups", "3+ cups": says nothing more than the amount does. */
const AGAIN = / ?\((?:\d{1,3}|one|two|three|four|five|six)\)|\+(?= )/iy;
/** "3 x 1/4 cup". */
const TIMES = / ?[x×] ?/iy;
const BEFORE_NAME = / ?[,:|]? ?(?:of\b(?: the\b)?)? ?/iy;

const isDigit = (text: string, at: number): boolean => {
  const code = text.charCodeAt(at);
  return code >= 48 && code <= 57;
};

/** The amount at a place, and what closes the range that "between" has opened. */
function amountAtOf(text: string, at: number, isBetween: boolean): AmountMatch | null {
  const first = readAmount(text, at);
  const link = first && isBetween ? match(BETWEEN_LINK, text, at + first.length) : null;
  const second = link && readAmount(text, at + first!.length + link[0].length);
  if (!first || !link || !second || second.amount.max.compare(first.amount.min) <= 0) return first;
  return {
    amount: between(first.amount.min, second.amount.max),
    length: first.length + link[0].length + second.length,
  };
}

/** What a quantity is of which nothing else is said: level, without a unit or a package. */
export const PLAIN_QUANTITY = {
  unit: null,
  heapingWord: null,
  method: null,
  container: false,
  statedGrams: null,
  otherMillilitres: null,
  remark: '',
  packageOunces: null,
  pieceWord: null,
  household: null,
  unitAt: null,
} as const;

/** "1 cup (scant) sugar": what stands in brackets goes for the fill as well. */
function withRemark(qualifiers: Qualifiers, remark: string): Qualifiers {
  if (remark === '' || qualifiers.heapingWord !== null) return qualifiers;
  const word = remark
    .toLowerCase()
    .split(/[^a-z]+/)
    .find((one) => HEAPING_WORDS[one]);
  return word === undefined ? qualifiers : { ...qualifiers, heapingWord: word };
}

/**
 * Reads the quantity that starts at `start`: amount, unit, sums ("plus 2 tbsp"), package
 * sizes and weights beside it. Null when the text there does not begin with an amount, or
 * with an amount of something that is not an ingredient (minutes, degrees, centimetres).
 */
export function readQuantity(text: string, start: number, standard: Standard): Quantity | null {
  const byDigit = isDigit(text, start);
  const lead = byDigit ? null : match(LEAD_WORDS, text, start);
  const early = byDigit ? LEVEL(start) : qualifiersAt(text, start + (lead?.[0].length ?? 0));
  const amountStart = early.end;
  const bare = !byDigit && match(BARE_UNIT, text, amountStart) !== null;
  const found = bare
    ? { amount: exactly(new Fraction(1)), length: 0 }
    : amountAtOf(text, amountStart, /^between/i.test(lead?.[0] ?? ''));
  if (!found) return null;
  const amountEnd =
    amountStart + found.length + (match(AGAIN, text, amountStart + found.length)?.[0].length ?? 0);
  if (NOT_AN_AMOUNT.test(text.slice(amountEnd, amountEnd + 16).trimStart())) return null;
  const byArticle = !bare && /^an?$/i.test(text.slice(amountStart, amountEnd));
  const amountAt = [amountStart, amountEnd] as const;

  const split = splitMixed(text, amountStart, amountEnd);
  const packed = split ?? packageAt(text, amountEnd);
  if (packed) {
    const amount = split?.count ?? found.amount;
    const count = midpoint(amount).valueOf();
    return {
      ...PLAIN_QUANTITY,
      byArticle,
      amountAt: split ? [amountStart, split.countEnd] : amountAt,
      amount: packed.volume ? scale(amount, packed.volume.amount) : amount,
      unit: packed.volume?.unit ?? packed.unit.unit,
      container: true,
      household: packed.household,
      statedGrams: packed.grams === null ? null : packed.grams * count,
      packageOunces: packed.ounces && scale(amount, packed.ounces),
      unitAt: [packed.unit.end, packed.unit.end],
      end: skipOf(text, packed.unit.end),
    };
  }

  const times = match(TIMES, text, amountEnd);
  const each = times && readAdjacentMeasure(text, amountEnd + times[0].length);
  if (each && isVolumeUnit(each.unit)) {
    const measured = readFurtherMeasures(
      text,
      { unit: each.unit, end: each.end },
      scale(each.amount, midpoint(found.amount)),
      standard,
    );
    return {
      ...PLAIN_QUANTITY,
      byArticle,
      amountAt: [amountStart, each.end],
      amount: measured.amount,
      unit: measured.unit,
      statedGrams: measured.statedGrams,
      remark: measured.remark,
      end: skipOf(text, measured.end),
    };
  }

  let at = amountEnd + (match(OF_A, text, amountEnd)?.[0].length ?? 0);
  if (text[at] === ' ' || text[at] === '-') at++;
  // Most units follow their amount at once; words between the two are looked for otherwise.
  const next = unitAt(text, at);
  const qualifiers = next ? { ...early, end: at } : qualifiersAt(text, at, early);
  const unit = next ?? unitAt(text, qualifiers.end);
  // A dash that leads to no unit belongs to a name: "7-layer bars", "3-egg sponge".
  if (!unit && text[amountEnd] === '-') return null;
  if (!unit) {
    return {
      ...PLAIN_QUANTITY,
      byArticle,
      amountAt,
      amount: found.amount,
      heapingWord: early.heapingWord,
      end: skipOf(text, text[amountEnd] === ' ' ? amountEnd + 1 : amountEnd),
    };
  }
  const written = text.slice(amountStart, amountEnd);
  // Thousands are grouped for grams and millilitres only: "1,250 kg" is one and a quarter.
  const decimal = GROUPED.test(written) && unit.unit !== 'g' && unit.unit !== 'ml';
  const isByDots = GROUPED_BY_DOTS.test(written) && (unit.unit === 'g' || unit.unit === 'ml');
  const first = decimal
    ? exactly(new Fraction(written.replace(',', '.')))
    : isByDots
      ? exactly(new Fraction(written.replaceAll('.', '')))
      : found.amount;
  const measured = readFurtherMeasures(text, unit, first, standard);
  const behind = match(BEHIND_UNIT, text, measured.end);
  const late = behind && qualifiersAt(`${behind[1]!} `, 0, qualifiers);
  const isQualified = late !== null && late.end > 0;
  const { heapingWord, method } = isQualified ? late : withRemark(qualifiers, measured.remark);
  // Spelled out: this is nearly every line, and spreading takes its time.
  return {
    byArticle,
    amountAt,
    amount: measured.amount,
    unit: measured.unit,
    heapingWord,
    method,
    container: unit.container === true,
    statedGrams: measured.statedGrams,
    otherMillilitres: measured.otherMillilitres,
    packageOunces: null,
    pieceWord: unit.unit === 'each' ? text.slice(qualifiers.end, unit.end).toLowerCase() : null,
    household: unit.household ? text.slice(qualifiers.end, unit.end).toLowerCase() : null,
    remark: measured.remark,
    unitAt: [qualifiers.end, unit.end],
    end: skipOf(text, measured.end + (isQualified ? behind![0].length : 0)),
  };
}

function skipOf(text: string, at: number): number {
  return at + (match(BEFORE_NAME, text, at)?.[0].length ?? 0);
}
