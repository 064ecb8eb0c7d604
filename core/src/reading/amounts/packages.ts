import { Fraction, exactly, midpoint, type Amount } from '../../amount/index.js';
import type { Unit } from '../../units/index.js';
import { readAdjacentMeasure, toGrams } from './adjacent-measure.js';
import { match, unitAt, type UnitMatch } from './unit-at.js';

/** Before the size of a package; a times sign stands for the word "packages". */
const PACKAGE = / ?(?:([x×])(?= ?\d))? ?([([])? ?(?=[\d.])/iy;

/** What cans and tubs are labelled in: "1 can (398 mL)" is so much of its content. */
export const VOLUMES_OF_PACKAGES: ReadonlySet<Unit> = new Set(['ml', 'l', 'fl-oz']);

/** What a package holds. */
export interface Packaged {
  readonly grams: number | null;
  /** The size of one, in bare ounces; null in any other unit. */
  readonly ounces: Fraction | null;
  /** The size of one by volume: "300 ml tub"; null where it is a weight. */
  readonly volume: { readonly amount: Fraction; readonly unit: Unit } | null;
  readonly unit: UnitMatch;
}

/** The size of a package between count and container: "1 (400 g) can", "two 14-oz cans". */
export function packageAt(text: string, at: number): Packaged | null {
  const link = match(PACKAGE, text, at);
  if (!link) return null;
  const size = readAdjacentMeasure(text, at + link[0].length);
  if (!size) return null;
  const start = size.end + (match(/[ -]*/y, text, size.end)?.[0].length ?? 0);
  const container = unitAt(text, start);
  const grams = toGrams(size.amount, size.unit);
  const ounces = size.unit === 'oz' ? midpoint(size.amount) : null;
  const volume =
    grams === null && VOLUMES_OF_PACKAGES.has(size.unit)
      ? { amount: midpoint(size.amount), unit: size.unit }
      : null;
  if (container?.container) return { grams, ounces, volume, unit: container };
  // "2 x 60g eggs", "1 (59 g) egg": pieces of a stated weight.
  const isPiece = grams !== null && (link[1] !== undefined || link[2] !== undefined);
  // "2 (1-oz.) squares": the word for the piece says nothing more.
  const end = container?.unit === 'each' ? container.end : size.end;
  return isPiece ? { grams, ounces: null, volume: null, unit: { unit: 'each', end } } : null;
}

const MIXED = /(\d+) (?=\d+\/\d+ ?-)/y;

/** "2 1/4-ounce packages" are two of a quarter of an ounce, not two and a quarter. */
export function splitMixed(
  text: string,
  start: number,
  end: number,
): (Packaged & { readonly count: Amount; readonly countEnd: number }) | null {
  const whole = text[end] === '-' ? match(MIXED, text, start) : null;
  if (!whole) return null;
  const countEnd = start + whole[1]!.length;
  const packed = packageAt(text, countEnd);
  return packed && { ...packed, count: exactly(new Fraction(whole[1]!)), countEnd };
}
