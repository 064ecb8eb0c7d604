import { exactly, readAmount, scale, shift, Fraction, type Amount } from '../amount/index.js';
import type { Method } from '../catalogue/index.js';
import {
  gramsIn,
  isMassUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../units/index.js';
import { FILLING_WORDS, LOOSENING_WORDS } from './vocabulary/filling.js';
import { HEAPING_WORDS } from './vocabulary/heaping.js';
import { NOT_AN_AMOUNT } from './vocabulary/structure.js';
import { UNIT_LETTERS, UNIT_WORDS, type UnitWord } from './vocabulary/units.js';

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

interface UnitMatch extends UnitWord {
  readonly end: number;
}

const WORD = /[A-Za-z]+/y;
const TWO_WORDS = /(fl|fluid)\.? ?(oz|ounces?)\b\.?/iy;
const LEAD_WORDS =
  /(?:(?:about|approx(?:imately)?\.?|around|roughly|circa|ca\.?|up to|at least|optional:?|the|another|an additional|additional) )+/iy;
const QUALIFIER = /([A-Za-z]+)[ -]/y;
const STATED_LINK =
  / ?(?:[([] ?|\/ ?|= ?|\| ?|or |, ?)?(?:about |approx\.? |approximately |around |~ ?|ca\.? )?/y;
const CLOSING = /(?: (?:each|per \w+)\b)?(?: ?[)\]])?/iy;
const PLUS = / (plus|and|\+|&|minus|less) /iy;
const AND_PART = / and an? (half|third|quarter)\b/iy;
const PARTS: Readonly<Record<string, Fraction>> = {
  half: new Fraction(1, 2),
  third: new Fraction(1, 3),
  quarter: new Fraction(1, 4),
};
/** A remark in brackets where the name should be: "(packed)", "(1 1/2 sticks)". */
const BRACKET = / ?[([]([^)\]]{1,60})[)\]]/y;
/** A package around a weight: "400 g tin", "8 oz block". */
const AROUND =
  / (?:can|tin|jar|tub|carton|bag|bottle|box|block|bar|packet|package|pkg|sachet)s?\b(?: of\b)?/iy;
/** Nominal units need no number: "pinch of salt" is one. */
const BARE_UNIT = /(?:pinch|dash|smidgen|stick|packet|sachet|envelope)\b/iy;
const GROUPED = /^\d{1,3},\d{3}$/;
/** Before the size of a package; a times sign stands for the word "packages". */
const PACKAGE = / ?(?:([x×])(?= ?\d))? ?([([])? ?(?=[\d.])/iy;

function match(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}

/** The unit written at `at`, with or without a full stop behind it. */
function unitAt(text: string, at: number): UnitMatch | null {
  const pair = match(TWO_WORDS, text, at);
  if (pair) return { unit: 'fl-oz', end: at + pair[0].length };
  const word = match(WORD, text, at)?.[0];
  if (word === undefined) return null;
  const known = UNIT_LETTERS[word] ?? UNIT_WORDS[word.toLowerCase()];
  if (!known) return null;
  let end = at + word.length;
  if (text[end] === '.') end++;
  return { ...known, end };
}

function toGrams(amount: Amount, unit: Unit): number | null {
  if (!isMassUnit(unit)) return null;
  return amount.min.add(amount.max).div(2).mul(gramsIn(unit)).valueOf();
}

/** A measure standing beside another: "(150 g)", "/ 5 oz", "or 240 ml". */
interface Beside {
  readonly amount: Amount;
  readonly unit: Unit;
  readonly end: number;
  readonly each: boolean;
  /** Nothing but a blank in between: "1 cup 2 tbsp". */
  readonly bare: boolean;
}

/** What can open a measure beside another; anything else is the ingredient's name. */
const STARTS_WITH_AMOUNT = / ?(?:half|one|two|three|four|an?)\b/iy;
const BESIDE_OPENER = / ?[\d([/=|,~]| ?(?:or|about|approx|around|ca)\b/y;

function besideAt(text: string, at: number): Beside | null {
  if (!match(BESIDE_OPENER, text, at) && !match(STARTS_WITH_AMOUNT, text, at)) return null;
  const link = match(STATED_LINK, text, at);
  const start = at + (link?.[0].length ?? 0);
  const amount = readAmount(text, start);
  if (!amount) return null;
  let unitStart = start + amount.length;
  if (text[unitStart] === ' ' || text[unitStart] === '-') unitStart++;
  const unit = unitAt(text, unitStart);
  if (!unit || !(isMassUnit(unit.unit) || isVolumeUnit(unit.unit))) return null;
  const close = match(CLOSING, text, unit.end)?.[0] ?? '';
  return {
    amount: unit.times ? scale(amount.amount, new Fraction(unit.times)) : amount.amount,
    unit: unit.unit,
    end: unit.end + close.length,
    each: /each|per/i.test(close),
    bare: (link?.[0] ?? '').trim() === '',
  };
}

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

/** Sums and weights that follow the unit, in any order and number. */
function besides(
  text: string,
  unit: UnitMatch,
  first: Amount,
  standard: Standard,
): { amount: Amount; statedGrams: number | null; end: number } {
  let amount = unit.times ? scale(first, new Fraction(unit.times)) : first;
  let statedGrams = isMassUnit(unit.unit) ? toGrams(amount, unit.unit) : null;
  let metric = unit.unit === 'g' || unit.unit === 'kg';
  let end = unit.end;
  const part = match(AND_PART, text, end);
  if (part) {
    // "a cup and a half": half of the unit, whatever the unit.
    amount = shift(amount, PARTS[part[1]!.toLowerCase()]!);
    statedGrams = toGrams(amount, unit.unit);
    end += part[0].length;
  }
  if (statedGrams !== null) end += match(AROUND, text, end)?.[0].length ?? 0;
  for (;;) {
    const plus = match(PLUS, text, end);
    const added = plus && besideAt(text, end + plus[0].length);
    if (plus && added) {
      const ratio = ratioOf(added.unit, unit.unit, standard);
      if (ratio === null) return { amount, statedGrams, end };
      const sign = /minus|less/i.test(plus[1]!) ? -1 : 1;
      amount = shift(amount, added.amount.min.mul(ratio).mul(sign));
      if (isMassUnit(unit.unit)) statedGrams = toGrams(amount, unit.unit);
      end = added.end;
      continue;
    }
    const beside = besideAt(text, end);
    if (!beside) return { amount, statedGrams, end };
    const smaller = beside.bare ? ratioOf(beside.unit, unit.unit, standard) : null;
    if (smaller !== null && smaller.compare(1) < 0) {
      amount = shift(amount, beside.amount.min.mul(smaller));
      if (isMassUnit(unit.unit)) statedGrams = toGrams(amount, unit.unit);
      end = beside.end;
      continue;
    }
    const grams = toGrams(beside.amount, beside.unit);
    const isMetric = beside.unit === 'g' || beside.unit === 'kg';
    // Of two weights the metric one was meant; the other is its rounding.
    if (grams !== null && (statedGrams === null || (isMetric && !metric))) {
      const perPiece = beside.each || unit.container === true;
      statedGrams = perPiece ? grams * amount.min.valueOf() : grams;
      metric = isMetric;
    }
    end = beside.end;
  }
}

/** How many `to` one `from` is; null when one is a volume and the other a mass. */
function ratioOf(from: Unit, to: Unit, standard: Standard): Fraction | null {
  if (isVolumeUnit(from) && isVolumeUnit(to)) {
    return millilitresIn(from, standard).div(millilitresIn(to, standard));
  }
  return isMassUnit(from) && isMassUnit(to) ? gramsIn(from).div(gramsIn(to)) : null;
}

const BEFORE_NAME = / ?[,:]? ?(?:of\b(?: the\b)?)? ?/iy;

function skipOf(text: string, at: number): number {
  return at + (match(BEFORE_NAME, text, at)?.[0].length ?? 0);
}

/** A weight on its own somewhere in the line, "(150 g)", "(400 g each)"; null without one. */
export function weightIn(text: string): { grams: number; each: boolean } | null {
  const beside = besideAt(text, 0);
  const grams = beside && toGrams(beside.amount, beside.unit);
  return beside && grams !== null && beside.end >= text.length
    ? { grams, each: beside.each }
    : null;
}
