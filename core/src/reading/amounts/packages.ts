import { Fraction, exactly, midpoint, type Amount } from '../../amount/index.js';
import type { Unit } from '../../units/index.js';
import { readAdjacentMeasure, toGrams } from './adjacent-measure.js';
import { match, unitAt, type UnitMatch } from './unit-at.js';

/** Before the size of a package; a times sign stands for the word "packages". */
const PACKAGE = / ?(?:([x×])(?= ?\d))? ?([([])? ?(?=[\d.])/iy;

/** What cans and tubs are labelled in: "1 can (398 mL)" is so much of its content. */
export const VOLUMES_OF_PACKAGES: ReadonlySet<Unit> = new Set(['ml', 'l', 'fl-oz']);

/** "1 No. 2 can": the numbered cans of American kitchens. */
const NUMBERED = / (?:no\. ?|no |number |# ?)(\d{1,3}(?: ?1\/2|½)?)(?= )/iy;
/** Ounces that they hold, net: household guides of the US Department of Agriculture. */
const OUNCES_OF_CANS: Readonly<Record<string, number>> = {
  '1': 10.5,
  '300': 15,
  '303': 16,
  '2': 20,
  '2 1/2': 29,
  '3': 33,
  '10': 106,
};

/** What a package holds. */
export interface Packaged {
  readonly grams: number | null;
  /** The size of one, in bare ounces; null in any other unit. */
  readonly ounces: Fraction | null;
  /** The size of one by volume: "300 ml tub"; null where it is a weight. */
  readonly volume: { readonly amount: Fraction; readonly unit: Unit } | null;
  readonly unit: UnitMatch;
  /** What it is called, where that is all that is said of its size: "No. 2". */
  readonly household: string | null;
}

function numberedCanAt(text: string, at: number): Packaged | null {
  const numbered = match(NUMBERED, text, at);
  if (!numbered) return null;
  const size = numbered[1]!.replace(/ ?1\/2|½/, ' 1/2');
  const held = OUNCES_OF_CANS[size];
  const unit = unitAt(text, at + numbered[0].length + 1);
  if (held === undefined || !unit?.container) return null;
  const ounces = new Fraction(held);
  return {
    grams: toGrams(exactly(ounces), 'oz'),
    ounces,
    volume: null,
    unit,
    household: `No. ${size}`,
  };
}

/** The size of a package between count and container: "1 (400 g) can", "two 14-oz cans". */
export function packageAt(text: string, at: number): Packaged | null {
  const numbered = numberedCanAt(text, at);
  if (numbered) return numbered;
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
  if (container?.container) return { grams, ounces, volume, unit: container, household: null };
  // "2 x 60g eggs", "1 (59 g) egg": pieces of a stated weight.
  const isPiece = grams !== null && (link[1] !== undefined || link[2] !== undefined);
  // "2 (1-oz.) squares": the word for the piece says nothing more.
  const end = container?.unit === 'each' ? container.end : size.end;
  const unit = { unit: 'each', end } as const;
  return isPiece ? { grams, ounces: null, volume: null, unit, household: null } : null;
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
