import { readAmount, midpoint } from '../amount/index.js';

/** One side in both units, unrounded. */
interface Side {
  readonly centimetres: number;
  readonly inches: number;
}

/** How long something is, as a tin is told: "23 cm in inches", "12 x 8 inch in cm". */
export interface LengthAnswer {
  readonly kind: 'length';
  /** Its sides, or its one length. */
  readonly sides: readonly Side[];
  /** In which it was wanted. */
  readonly into: 'cm' | 'in';
}

/** Centimetres of an inch, by definition. */
const INCH = 2.54;
const UNITS: Readonly<Record<string, 'cm' | 'in'>> = {
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
};

const BY = / ?(?:x|×|by|\*) ?/i;
const UNIT = /^ ?(cm|[a-z]+|["”])?(.*)$/i;

/** A length, or each of the sides of a tin, in the other unit; null where the words name none. */
export function lengthIn(of: string, into: string): LengthAnswer | null {
  const wanted = UNITS[into.trim().toLowerCase()];
  if (!wanted) return null;
  const said = of.split(BY).map((side) => {
    const amount = readAmount(side);
    const [, unit = '', rest = ''] = UNIT.exec(side.slice(amount?.length ?? 0)) ?? [];
    return { amount, unit: UNITS[unit.toLowerCase()], isBare: unit === '', rest };
  });
  // "12 x 8 inch": the unit is written once, behind the last side.
  const from = said.at(-1)?.unit;
  const sides = said.flatMap(({ amount, unit, isBare, rest }): Side[] => {
    if (!amount || !from || (unit !== from && !isBare) || /\d/.test(rest)) return [];
    const value = midpoint(amount.amount).valueOf();
    const centimetres = from === 'cm' ? value : value * INCH;
    return [{ centimetres, inches: centimetres / INCH }];
  });
  return sides.length === said.length ? { kind: 'length', sides, into: wanted } : null;
}
