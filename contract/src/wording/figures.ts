import type { DecimalMark } from '../formats.js';

let mark: () => DecimalMark = () => '.';

/**
 * From now on figures are written with the mark that `source` gives. It is asked anew for each
 * figure, so that a source that can be watched makes a figure that follows it.
 */
export function writeFiguresWith(source: () => DecimalMark): void {
  mark = source;
}

/** A text of ours with its figures in the mark of this kitchen: "8.4 g" is "8,4 g" with a comma. */
export const inOurMark = (text: string): string =>
  mark() === '.' ? text : text.replace(/(\d)\.(?=\d)/g, `$1${mark()}`);

/** The same with points again, as files have it. */
export const withPoint = (text: string): string =>
  mark() === '.' ? text : text.replace(/(\d),(?=\d)/g, '$1.');

/** A figure with so many decimals, 0 to 100. */
export const fixed = (value: number, digits: number): string => inOurMark(value.toFixed(digits));

/** A figure with so many decimals at most, without zeros at its end. */
export const short = (value: number, digits: number): string =>
  inOurMark(String(Number(value.toFixed(digits))));

/** Fewer grams than this are written with a decimal. */
const FINE_GRAMS = 20;

/** The grams of a filled measure, without their unit: "125", "6.0". */
export const measureGrams = (grams: number): string => fixed(grams, grams < FINE_GRAMS ? 1 : 0);
