import { Fraction } from 'fraction.js';
import { between, exactly, type Amount } from './amount.js';
import { NUMBER_WORDS, PART_WORDS, TENS_WORDS } from './words.js';

/** An amount found at the start of a text, and how many characters it took. */
export interface AmountMatch {
  readonly amount: Amount;
  readonly length: number;
}

interface NumberMatch {
  readonly value: Fraction;
  readonly length: number;
}

/** Longest run of digits believed to be a kitchen amount; more is a serial number or an attack. */
const MAX_DIGITS = 9;

const alternatives = (words: readonly string[]): string =>
  [...words]
    .sort((a, b) => b.length - a.length)
    .map((word) => word.replace(' ', '[ -]'))
    .join('|');

const PARTS = alternatives(Object.keys(PART_WORDS));
const COUNTS = alternatives(Object.keys(NUMBER_WORDS));

// "1 1/2", "1-1/2", "1 & 1/2", "1 and 1/2"; spacing already folded to one blank.
const MIXED = /(\d+)(?: ?- ?| ?& ?| and | )(\d+) ?\/ ?(\d+)/y;
const SIMPLE = /(\d+) ?\/ ?(\d+)/y;
const THOUSANDS = /[1-9]\d{0,2}(?:,\d{3})+(?![\d.,]\d)/y;
const DECIMAL = /(\d*)[.,](\d+)/y;
const WHOLE = /\d+/y;
const HALF_WORD = new RegExp(`(?:an? )?(${PARTS})(?: an?\\b| of an?\\b| of\\b)?(?![a-z])`, 'iy');
const COUNT_WORD = new RegExp(
  `(half a |a )?(${COUNTS})(?:[ -]and[ -](?:an?[ -]|one[ -])?(${PARTS}))?(?![a-z])`,
  'iy',
);
const TENS = alternatives(Object.keys(TENS_WORDS));
/** "two hundred and fifty", "a hundred", "thirty-five": both parts may lack, not at once. */
const LARGE_WORD = new RegExp(
  `(?:(an?|${COUNTS}) hundred(?: and| )?)?(?: ?(?:(${TENS})(?:[ -](${COUNTS}))?|(?<=hundred(?: and)? )(${COUNTS})))?(?![a-z])`,
  'iy',
);
const ARTICLE = /an?(?: and an? (half|quarter|third))?(?= )/iy;
const AND_PART = new RegExp(` and (?:an? |one )?(${PARTS})(?![a-z])`, 'iy');
/** "1 half cup": one of a part, and no more. */
const ONE_PART = new RegExp(` (${PARTS})(?=[ -](?!and\\b)(?:an? )?[a-z])`, 'iy');
const RANGE_LINK = / ?(?:-|\bto\b|\bor\b) ?/iy;
const DOZEN = / dozen(?![a-z])/iy;

function at(pattern: RegExp, text: string, start: number): RegExpExecArray | null {
  pattern.lastIndex = start;
  return pattern.exec(text);
}

const short = (...digits: (string | undefined)[]): boolean =>
  digits.every((run) => (run ?? '').length <= MAX_DIGITS);

/** Kitchen numbers come up again and again; exact arithmetic makes them costly to build. */
const KNOWN = new Map<number, Fraction>();
const MOST_KNOWN = 1024;

function exact(numerator: number, denominator = 1): Fraction {
  if (numerator > 999 || denominator > 99) return new Fraction(numerator, denominator);
  const key = numerator * 100 + denominator;
  let value = KNOWN.get(key);
  if (!value) {
    value = new Fraction(numerator, denominator);
    if (KNOWN.size < MOST_KNOWN) KNOWN.set(key, value);
  }
  return value;
}

function fraction(numerator: string, denominator: string): Fraction | null {
  return Number(denominator) === 0 ? null : exact(Number(numerator), Number(denominator));
}

function partOf(word: string): Fraction {
  const [n, d] = PART_WORDS[word.toLowerCase().replace('-', ' ')]!;
  return new Fraction(n, d);
}

function readDigits(text: string, start: number): NumberMatch | null {
  const mixed = at(MIXED, text, start);
  if (mixed && short(mixed[1], mixed[2], mixed[3])) {
    const part = fraction(mixed[2]!, mixed[3]!);
    // "2-3/4" is two and three quarters; "1 - 5/4" is not a mixed number.
    if (part && Number(mixed[2]) < Number(mixed[3])) {
      const [whole, top, bottom] = [Number(mixed[1]), Number(mixed[2]), Number(mixed[3])];
      return { value: exact(whole * bottom + top, bottom), length: mixed[0].length };
    }
  }
  const simple = at(SIMPLE, text, start);
  if (simple && short(simple[1], simple[2])) {
    const value = fraction(simple[1]!, simple[2]!);
    return value && { value, length: simple[0].length };
  }
  const thousands = at(THOUSANDS, text, start);
  if (thousands && short(thousands[0])) {
    return {
      value: new Fraction(Number(thousands[0].replaceAll(',', ''))),
      length: thousands[0].length,
    };
  }
  const decimal = at(DECIMAL, text, start);
  if (decimal && short(decimal[1], decimal[2])) {
    const value = new Fraction(`${decimal[1] || '0'}.${decimal[2]}`);
    return { value, length: decimal[0].length };
  }
  const whole = at(WHOLE, text, start);
  if (whole && short(whole[0])) {
    const only = whole[0] === '1' ? at(ONE_PART, text, start + 1) : null;
    if (only) return { value: partOf(only[1]!), length: 1 + only[0].length };
    const part = at(AND_PART, text, start + whole[0].length);
    const value = exact(Number(whole[0]));
    return part
      ? { value: value.add(partOf(part[1]!)), length: whole[0].length + part[0].length }
      : { value, length: whole[0].length };
  }
  return null;
}

function readLargeWords(text: string, start: number): NumberMatch | null {
  const large = at(LARGE_WORD, text, start);
  if (!large || large[0] === '') return null;
  const [all, hundreds, tens, units, behind] = large;
  const ones = units ?? behind;
  const value =
    (hundreds ? 100 * (NUMBER_WORDS[hundreds.toLowerCase()] ?? 1) : 0) +
    (tens ? TENS_WORDS[tens.toLowerCase()]! : 0) +
    (ones ? NUMBER_WORDS[ones.toLowerCase()]! : 0);
  return value > 0 ? { value: exact(value), length: all.trimEnd().length } : null;
}

function readWords(text: string, start: number): NumberMatch | null {
  const large = readLargeWords(text, start);
  if (large) return large;
  const count = at(COUNT_WORD, text, start);
  if (count) {
    let value = new Fraction(NUMBER_WORDS[count[2]!.toLowerCase()]!);
    if (count[1]?.toLowerCase() === 'half a ') value = value.div(2);
    if (count[3]) value = value.add(partOf(count[3]));
    // "one third cup" is a part, not one of something.
    const part = at(HALF_WORD, text, start);
    if (!part || part[0].length <= count[0].length) return { value, length: count[0].length };
  }
  const half = at(HALF_WORD, text, start);
  if (half) return { value: partOf(half[1]!), length: half[0].length };
  const article = at(ARTICLE, text, start);
  if (article) {
    const value = new Fraction(1);
    return {
      value: article[1] ? value.add(partOf(article[1])) : value,
      length: article[0].length,
    };
  }
  return null;
}

function readNumber(text: string, start: number): NumberMatch | null {
  const first = text.charCodeAt(start);
  const isDigit = (first >= 48 && first <= 57) || first === 46 || first === 44;
  const number = isDigit ? readDigits(text, start) : readWords(text, start);
  if (!number) return null;
  const dozen = at(DOZEN, text, start + number.length);
  return dozen ? { value: number.value.mul(12), length: number.length + dozen[0].length } : number;
}

/**
 * Reads the amount at `start` of a cleaned text: `1`, `1/2`, `1 1/2`, `1-1/2`, `1.5`, `1,5`,
 * `1,000`, "one and a half", "a", "half a", "three quarters", "two dozen", and ranges of
 * these ("2-3", "2 to 3", "2 or 3"). A comma followed by exactly three digits groups
 * thousands unless the number starts with a zero; any other comma is a decimal mark.
 * Vulgar fractions and fancy dashes must have been made plain before.
 *
 * Returns null when there is no amount there (also for a division by zero); never throws.
 *
 * @example
 * readAmount('1 1/2 cups') // 3/2, of 5 characters
 */
export function readAmount(text: string, start = 0): AmountMatch | null {
  const first = readNumber(text, start);
  if (!first) return null;
  const link = at(RANGE_LINK, text, start + first.length);
  if (link) {
    const second = readNumber(text, start + first.length + link[0].length);
    if (
      second &&
      second.value.compare(first.value) > 0 &&
      !isSize(text, start, first, link, second)
    ) {
      return {
        amount: between(first.value, second.value),
        length: first.length + link[0].length + second.length,
      };
    }
  }
  return { amount: exactly(first.value), length: first.length };
}

const SIZE_TAIL = /[ -]?(?:oz|ounce|g|gram|lb|ml|inch)\b/iy;

/** "2-14 oz cans": the dash joins a count to a size, which is far larger than the count. */
function isSize(
  text: string,
  start: number,
  first: NumberMatch,
  link: RegExpExecArray,
  second: NumberMatch,
): boolean {
  const end = start + first.length + link[0].length + second.length;
  const tail = at(SIZE_TAIL, text, end);
  return (
    tail !== null &&
    link[0] === '-' &&
    first.value.compare(4) <= 0 &&
    second.value.compare(first.value.mul(4)) > 0 &&
    /\b(?:can|tin|jar|packet|package|pkg|carton|bag|box)/i.test(text.slice(end))
  );
}
