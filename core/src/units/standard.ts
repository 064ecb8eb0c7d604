import { Fraction } from '../amount/index.js';
import type { VolumeUnit } from './unit.js';

/** What fixes cup, tablespoon and teaspoon: a country's law, or its custom. */
export const STANDARDS = [
  'us-customary',
  'us-labelling',
  'metric',
  'australian',
  'british',
  'imperial',
  'japanese',
] as const;

/** One of `STANDARDS`. */
export type Standard = (typeof STANDARDS)[number];

/** Whose cups a recipe is taken to be in while nobody has said. */
export const USUAL_STANDARD: Standard = 'us-customary';

interface MeasureStandard {
  /** Millilitres, exact. */
  readonly cup: Fraction;
  readonly tbsp: Fraction;
  readonly tsp: Fraction;
  /** Fluid ounce, pint, quart, gallon; borrowed ones are marked in `borrowsLargeUnits`. */
  readonly large: LargeUnits;
  readonly borrowsLargeUnits: boolean;
}

interface LargeUnits {
  readonly flOz: Fraction;
  readonly pint: Fraction;
  readonly quart: Fraction;
  readonly gallon: Fraction;
}

// The US gallon is 231 cubic inches; all US customary measures are binary parts of it.
const US_LARGE: LargeUnits = {
  flOz: new Fraction('29.5735295625'),
  pint: new Fraction('473.176473'),
  quart: new Fraction('946.352946'),
  gallon: new Fraction('3785.411784'),
};

// The imperial gallon is 4.54609 L by the UK Units of Measurement Regulations 1995.
const IMPERIAL_LARGE: LargeUnits = {
  flOz: new Fraction('28.4130625'),
  pint: new Fraction('568.26125'),
  quart: new Fraction('1136.5225'),
  gallon: new Fraction('4546.09'),
};

const MEASURES: Readonly<Record<Standard, MeasureStandard>> = {
  // US gallon of 231 cubic inches; cup 1/16, tablespoon 1/256, teaspoon 1/768 of it.
  'us-customary': {
    cup: new Fraction('236.5882365'),
    tbsp: new Fraction('14.78676478125'),
    tsp: new Fraction('4.92892159375'),
    large: US_LARGE,
    borrowsLargeUnits: false,
  },
  // 21 CFR 101.9(b)(5)(viii).
  'us-labelling': {
    cup: new Fraction(240),
    tbsp: new Fraction(15),
    tsp: new Fraction(5),
    large: { ...US_LARGE, flOz: new Fraction(30) },
    borrowsLargeUnits: false,
  },
  // Metric kitchen measures as sold.
  metric: {
    cup: new Fraction(250),
    tbsp: new Fraction(15),
    tsp: new Fraction(5),
    large: US_LARGE,
    borrowsLargeUnits: true,
  },
  // Australian metric kitchen measures (cup 250 mL, tablespoon 20 mL).
  australian: {
    cup: new Fraction(250),
    tbsp: new Fraction(20),
    tsp: new Fraction(5),
    large: IMPERIAL_LARGE,
    borrowsLargeUnits: true,
  },
  // British metric spoons; fluid ounce from the imperial gallon of 4.54609 L.
  british: {
    cup: new Fraction(250),
    tbsp: new Fraction(15),
    tsp: new Fraction(5),
    large: IMPERIAL_LARGE,
    borrowsLargeUnits: false,
  },
  // Imperial gallon of 4.54609 L; cup half a pint, tablespoon 5/8 fluid ounce.
  imperial: {
    cup: new Fraction('284.130625'),
    tbsp: new Fraction('17.7581640625'),
    // A third of the tablespoon, as printed in the tables of the time.
    tsp: new Fraction('5.9193880208'),
    large: IMPERIAL_LARGE,
    borrowsLargeUnits: false,
  },
  // Japanese kitchen measures (cup 200 mL).
  japanese: {
    cup: new Fraction(200),
    tbsp: new Fraction(15),
    tsp: new Fraction(5),
    large: US_LARGE,
    borrowsLargeUnits: true,
  },
};

const MILLILITRE = new Fraction(1);
const DECILITRE = new Fraction(100);
const LITRE = new Fraction(1000);
// Nominal parts of a teaspoon, as spoon sets stamp them.
const DASH = new Fraction(1, 8);
const PINCH = new Fraction(1, 16);
const SMIDGEN = new Fraction(1, 32);
// Twenty drops to a millilitre, as pharmacists count them.
const DROP = new Fraction(1, 20);

/**
 * Millilitres in one `unit` under `standard`, exact.
 *
 * @example
 * millilitresIn('tbsp', 'australian').valueOf() // 20
 */
export function millilitresIn(unit: VolumeUnit, standard: Standard): Fraction {
  const measures = MEASURES[standard];
  switch (unit) {
    case 'cup':
    case 'tbsp':
    case 'tsp':
      return measures[unit];
    case 'fl-oz':
      return measures.large.flOz;
    case 'pint':
    case 'quart':
    case 'gallon':
      return measures.large[unit];
    case 'dash':
      return measures.tsp.mul(DASH);
    case 'pinch':
      return measures.tsp.mul(PINCH);
    case 'smidgen':
      return measures.tsp.mul(SMIDGEN);
    case 'drop':
      return DROP;
    case 'ml':
      return MILLILITRE;
    case 'dl':
      return DECILITRE;
    case 'l':
      return LITRE;
  }
}

/**
 * True where the standard has no unit of this name and one is borrowed: the fluid ounce and
 * pint of a metric, Australian or Japanese recipe (imperial for Australia, US otherwise).
 */
export function isBorrowed(unit: VolumeUnit, standard: Standard): boolean {
  const large = unit === 'fl-oz' || unit === 'pint' || unit === 'quart' || unit === 'gallon';
  return large && MEASURES[standard].borrowsLargeUnits;
}
