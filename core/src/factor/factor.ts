import { Fraction, readAmount } from '../amount/index.js';

/** The largest batch factor that is taken for meant. */
export const LARGEST_FACTOR = 1000;

/** What is wrong with a written factor. */
export type FactorProblem = 'empty' | 'not-a-number' | 'not-positive' | 'too-large';

/** A factor as an exact fraction over 0, or what is wrong with it. */
export type FactorReading =
  | { readonly ok: true; readonly factor: Fraction }
  | { readonly ok: false; readonly problem: FactorProblem };

const LONGEST = 24;
const PLAIN = /^(?:\d+(?: \d+\/\d+)?|\d+\/\d+|\d*[.,]\d+)$/;

/**
 * Reads a batch factor exactly: "3/2", "1 1/2", "1½", "1.5", "1,5", with or without a times
 * sign. A comma is always a decimal mark here. The factor is over 0 and at most 1000.
 *
 * @example
 * readFactor('1 1/2') // { ok: true, factor: 3/2 }
 * readFactor('0') // { ok: false, problem: "not-positive" }
 */
export function readFactor(text: string): FactorReading {
  const trimmed = text.trim().replace(/^[×x*]\s*/i, '');
  if (trimmed === '') return { ok: false, problem: 'empty' };
  const plain = trimmed.replace(
    /(\d?)([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/g,
    (_, digit: string, vulgar: string) =>
      `${digit ? `${digit} ` : ''}${vulgar.normalize('NFKC').replace('\u2044', '/')}`,
  );
  if (/^[-−]/.test(plain)) return { ok: false, problem: 'not-positive' };
  if (plain.length > LONGEST || !PLAIN.test(plain)) return { ok: false, problem: 'not-a-number' };
  const decimal = /^\d*[.,]\d+$/.test(plain);
  const factor = decimal
    ? new Fraction(`0${plain.replace(',', '.')}`)
    : (readAmount(plain)?.amount.min ?? null);
  if (!factor) return { ok: false, problem: 'not-a-number' };
  if (factor.compare(0) <= 0) return { ok: false, problem: 'not-positive' };
  if (factor.compare(LARGEST_FACTOR) > 0) return { ok: false, problem: 'too-large' };
  return { ok: true, factor };
}

/** A fraction that a person would write. */
const SHORT = /^\d{1,4}(?:\/\d{1,4})?$/;
/** A factor from masses is a decimal of so many digits. */
const DIGITS = 12;

/**
 * A factor as text that `readFactor` reads: its exact fraction, "3/2", while that is short, else
 * the decimal, to 12 digits.
 *
 * @example
 * writeFactor(new Fraction(3, 2)) // "3/2"
 */
export function writeFactor(factor: Fraction): string {
  const fraction = factor.toFraction();
  return SHORT.test(fraction) ? fraction : String(Number(factor.valueOf().toPrecision(DIGITS)));
}

/** Parts of a whole that a baker reads at a glance. */
const LARGEST_DENOMINATOR = 16;
const SHOWN_DIGITS = 3;

/** A factor as it is read: "1 1/2", and "0.756" rather than "400/529". */
export const showFactor = (factor: Fraction): string =>
  factor.d <= LARGEST_DENOMINATOR
    ? factor.toFraction(true)
    : String(Number(factor.valueOf().toPrecision(SHOWN_DIGITS)));
