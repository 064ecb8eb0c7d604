import { Fraction, exactly, readAmount, type Amount } from '../amount/index.js';
import type { Method } from '../catalogue/index.js';
import type { Standard, Unit } from '../units/index.js';
import { besideAt, toGrams } from './beside.js';
import { besides } from './sums.js';
import { match, unitAt, type UnitMatch } from './unit-at.js';
import { FILLING_WORDS, LOOSENING_WORDS } from './vocabulary/filling.js';
import { HEAPING_WORDS } from './vocabulary/heaping.js';
import { NOT_AN_AMOUNT } from './vocabulary/structure.js';

/** The measured part of a line: how much of what unit, and what it weighs if the line says so. */
export interface Quantity {
  readonly amount: Amount;
  readonly unit: Unit | null;
  readonly fullness: number;
  /** The word behind `fullness`, null when level. */
  readonly heapingWord: string | null;
  readonly method: Method | null;
  readonly container: boolean;
  readonly statedGrams: number | null;
  /** What stood in brackets between unit and name. */
  readonly remark: string;
  /** Offsets in the text: of the amount, of the unit, and where the quantity ends. */
  readonly amountAt: readonly [number, number];
  readonly unitAt: readonly [number, number] | null;
  readonly end: number;
  /** The amount was a word such as "a", which by itself proves nothing. */
  readonly byArticle: boolean;
}

const LEAD_WORDS =
  /(?:(?:about|approx(?:imately)?\.?|around|roughly|circa|ca\.?|up to|at least|optional:?|the|another|an additional|additional) )+/iy;
const QUALIFIER = /([A-Za-z]+)[ -]/y;
/** A remark in brackets where the name should be: "(packed)", "(1 1/2 sticks)". */
const BRACKET = / ?[([]([^)\]]{1,60})[)\]]/y;
/** Nominal units need no number: "pinch of salt" is one. */
const BARE_UNIT = /(?:pinch|dash|smidgen|stick|packet|sachet|envelope)\b/iy;
const GROUPED = /^\d{1,3},\d{3}$/;
/** Before the size of a package; a times sign stands for the word "packages". */
const PACKAGE = / ?(?:([x×])(?= ?\d))? ?([([])? ?(?=[\d.])/iy;

/** The size of a package between count and container: "1 (400 g) can", "two 14-oz cans". */
function packageAt(text: string, at: number): { grams: number | null; unit: UnitMatch } | null {
  const link = match(PACKAGE, text, at);
  if (!link) return null;
  const size = besideAt(text, at + link[0].length);
  if (!size) return null;
  const start = size.end + (match(/[ -]*/y, text, size.end)?.[0].length ?? 0);
  const container = unitAt(text, start);
  const grams = toGrams(size.amount, size.unit);
  if (container?.container) return { grams, unit: container };
  return link[1] ? { grams, unit: { unit: 'each', end: size.end } } : null;
}

interface Qualifiers {
  fullness: number;
  heapingWord: string | null;
  method: Method | null;
  end: number;
}

const isDigit = (text: string, at: number): boolean => {
  const code = text.charCodeAt(at);
  return code >= 48 && code <= 57;
};

const LEVEL = (end: number): Qualifiers => ({ fullness: 1, heapingWord: null, method: null, end });

/** Words between amount and unit: "heaping", "firmly packed", "level". */
function qualifiersAt(text: string, at: number, before: Qualifiers | null = null): Qualifiers {
  const found: Qualifiers = { fullness: 1, heapingWord: null, method: null, ...before, end: at };
  let loosely = false;
  for (;;) {
    const word = match(QUALIFIER, text, found.end);
    if (!word) return found;
    const lower = word[1]!.toLowerCase();
    const fullness = HEAPING_WORDS[lower];
    if (fullness !== undefined) {
      found.fullness = fullness;
      found.heapingWord = lower;
    } else if (FILLING_WORDS[lower]) {
      found.method = lower === 'packed' && loosely ? 'loose' : FILLING_WORDS[lower];
    } else if (LOOSENING_WORDS.has(lower)) {
      loosely = true;
    } else if (
      !/^(?:level|levelled|leveled|firmly|tightly|well|very|slightly|large|small|big|standard|measuring)$/.test(
        lower,
      )
    ) {
      return found;
    }
    found.end += word[0].length;
  }
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
    : readAmount(text, amountStart);
  if (!found) return null;
  const amountEnd = amountStart + found.length;
  if (NOT_AN_AMOUNT.test(text.slice(amountEnd, amountEnd + 16).trimStart())) return null;
  const byArticle = !/\d/.test(text.slice(amountStart, amountEnd));
  const amountAt = [amountStart, amountEnd] as const;

  const packed = packageAt(text, amountEnd);
  if (packed) {
    const count = found.amount.min.add(found.amount.max).div(2).valueOf();
    return {
      byArticle,
      amountAt,
      amount: found.amount,
      unit: packed.unit.unit,
      fullness: 1,
      heapingWord: null,
      method: null,
      container: true,
      statedGrams: packed.grams === null ? null : packed.grams * count,
      remark: '',
      unitAt: [packed.unit.end, packed.unit.end],
      end: skipOf(text, packed.unit.end),
    };
  }

  let at = amountEnd;
  if (text[at] === ' ' || text[at] === '-') at++;
  const qualifiers = qualifiersAt(text, at, early);
  const unit = unitAt(text, qualifiers.end);
  // A dash that leads to no unit belongs to a name: "7-layer bars", "3-egg sponge".
  if (!unit && text[amountEnd] === '-') return null;
  if (!unit) {
    return {
      byArticle,
      amountAt,
      amount: found.amount,
      unit: null,
      fullness: early.fullness,
      heapingWord: early.heapingWord,
      method: null,
      container: false,
      statedGrams: null,
      remark: '',
      unitAt: null,
      end: skipOf(text, text[amountEnd] === ' ' ? amountEnd + 1 : amountEnd),
    };
  }
  const written = text.slice(amountStart, amountEnd);
  // Thousands are grouped for grams and millilitres only: "1,250 kg" is one and a quarter.
  const decimal = GROUPED.test(written) && unit.unit !== 'g' && unit.unit !== 'ml';
  const first = decimal ? exactly(new Fraction(written.replace(',', '.'))) : found.amount;
  const measured = besides(text, unit, first, standard);
  const bracket = match(BRACKET, text, measured.end);
  return {
    byArticle,
    amountAt,
    amount: measured.amount,
    unit: unit.unit,
    fullness: qualifiers.fullness,
    heapingWord: qualifiers.heapingWord,
    method: qualifiers.method,
    container: unit.container === true,
    statedGrams: measured.statedGrams,
    remark: bracket?.[1] ?? '',
    unitAt: [qualifiers.end, unit.end],
    end: skipOf(text, measured.end + (bracket?.[0].length ?? 0)),
  };
}

const BEFORE_NAME = / ?[,:]? ?(?:of\b(?: the\b)?)? ?/iy;

function skipOf(text: string, at: number): number {
  return at + (match(BEFORE_NAME, text, at)?.[0].length ?? 0);
}
