import { Fraction, between, midpoint, scale, shift, type Amount } from '../../amount/index.js';
import {
  gramsIn,
  isMassUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../../units/index.js';
import {
  readAdjacentMeasure,
  toGrams,
  weightIn,
  type AdjacentMeasure,
  type WrittenWeight,
} from './adjacent-measure.js';
import { VOLUMES_OF_PACKAGES } from './packages.js';
import { match, type UnitMatch } from './unit-at.js';
import { CONTAINER_WORDS } from '../vocabulary/index.js';

const PLUS = / (plus|and|\+|&|minus|less) /iy;
const AND_PART = / and an? (half|third|quarter)\b/iy;
const PARTS: Readonly<Record<string, Fraction>> = {
  half: new Fraction(1, 2),
  third: new Fraction(1, 3),
  quarter: new Fraction(1, 4),
};
/** "2 tbsp to 3 tbsp": a range with its unit written twice. */
const TO = / ?(?:-|\bto\b) ?(?=\d|\.\d|one|two|three|half)/iy;
/** A package around a measure: "400 g tin", "300 ml carton". */
const AROUND = new RegExp(`[ -](?:${CONTAINER_WORDS.join('|')})\\b\\.?(?: of\\b)?`, 'iy');
/** A remark in brackets between unit and name: "(packed)", "(1 1/2 sticks)". */
const BRACKET = / ?[([] ?([^()[\]]{1,80})[)\]]/y;

const ONE = new Fraction(1);
const STICK = millilitresIn('cup', 'us-customary').div(2);

/** An amount with all that is added to it or stands beside it. */
export interface Measured {
  readonly amount: Amount;
  /** Millilitres, where those beside it show that another country's unit was meant. */
  readonly unit: Unit;
  readonly statedGrams: number | null;
  /** Another volume beside it that can't be the same, in millilitres; null otherwise. */
  readonly otherMillilitres: Amount | null;
  /** What stood in brackets and was no measure. */
  readonly remark: string;
  readonly end: number;
}

/** Sums, ranges and weights that follow the unit, in any order and number. */
export function readFurtherMeasures(
  text: string,
  unit: UnitMatch,
  first: Amount,
  standard: Standard,
): Measured {
  let amount = unit.times ? scale(first, new Fraction(unit.times)) : first;
  let statedGrams = isMassUnit(unit.unit) ? toGrams(amount, unit.unit) : null;
  let metric = unit.unit === 'g' || unit.unit === 'kg';
  let remark = '';
  let otherMillilitres: Amount | null = null;
  let end = unit.end;

  const changeAmount = (to: Amount): void => {
    amount = to;
    if (isMassUnit(unit.unit)) statedGrams = toGrams(amount, unit.unit);
  };
  /** Of two weights the metric one was meant; the other is its rounding. */
  const state = ({ grams, each, isMetric }: WrittenWeight): void => {
    if (statedGrams !== null && (!isMetric || metric)) return;
    const perPiece = each || unit.container === true;
    statedGrams = perPiece ? grams * amount.min.valueOf() : grams;
    metric = isMetric;
  };

  const part = match(AND_PART, text, end);
  if (part) {
    // "a cup and a half": half of the unit, whatever the unit.
    changeAmount(shift(amount, PARTS[part[1]!.toLowerCase()]!));
    end += part[0].length;
  }
  const to = match(TO, text, end);
  const upTo = to && readAdjacentMeasure(text, end + to[0].length);
  if (to && upTo?.bare && upTo.unit === unit.unit && upTo.amount.max.compare(amount.min) > 0) {
    changeAmount(between(amount.min, upTo.amount.max));
    end = upTo.end;
  }
  if (statedGrams !== null || (isVolumeUnit(unit.unit) && !isSpoonOrCup(unit.unit))) {
    end += match(AROUND, text, end)?.[0].length ?? 0;
  }
  for (;;) {
    const plus = match(PLUS, text, end);
    const added = plus && readAdjacentMeasure(text, end + plus[0].length);
    if (plus && added) {
      const ratio = ratioOf(added.unit, unit.unit, standard);
      if (ratio === null) break;
      const sign = /minus|less/i.test(plus[1]!) ? -1 : 1;
      changeAmount(shift(amount, added.amount.min.mul(ratio).mul(sign)));
      end = added.end;
      continue;
    }
    const beside = readAdjacentMeasure(text, end);
    if (beside) {
      const smaller = beside.bare ? ratioOf(beside.unit, unit.unit, standard) : null;
      if (smaller !== null && smaller.compare(1) < 0) {
        changeAmount(shift(amount, beside.amount.min.mul(smaller)));
      } else {
        const grams = toGrams(beside.amount, beside.unit);
        otherMillilitres ??= contradiction(amount, unit.unit, beside, standard);
        if (isOtherCountrys(amount, unit.unit, beside, standard)) {
          return readFurtherMeasures(
            text,
            { unit: 'ml', end: beside.end },
            beside.amount,
            standard,
          );
        }
        if (unit.container && VOLUMES_OF_PACKAGES.has(beside.unit)) {
          const each = scale(beside.amount, amount.min);
          return readFurtherMeasures(text, { unit: beside.unit, end: beside.end }, each, standard);
        }
        if (grams !== null) state({ grams, each: beside.each, isMetric: isMetric(beside.unit) });
      }
      end = beside.end;
      continue;
    }
    const bracket = match(BRACKET, text, end);
    if (!bracket) break;
    const weight = weightIn(bracket[1]!);
    if (weight) state(weight);
    remark = `${remark} ${bracket[1]!}`.trim();
    end += bracket[0].length;
  }
  return { amount, unit: unit.unit, statedGrams, otherMillilitres, remark, end };
}

/** Units that are of another size in another country. */
const LARGE_UNITS: ReadonlySet<Unit> = new Set(['pint', 'quart', 'gallon']);
/** Two writings of one volume are rounded by less than this. */
const MOST_ROUNDING = 0.1;

/** "1/4 pint/150 ml" under American pints: the millilitres say that a British one was meant. */
function isOtherCountrys(
  amount: Amount,
  unit: Unit,
  beside: AdjacentMeasure,
  standard: Standard,
): boolean {
  if (!LARGE_UNITS.has(unit) || beside.unit !== 'ml' || !isVolumeUnit(unit)) return false;
  const here = midpoint(amount).mul(millilitresIn(unit, standard)).valueOf();
  return Math.abs(midpoint(beside.amount).valueOf() / here - 1) > MOST_ROUNDING;
}

/** Cups and spoons of all countries are within this of each other, and of what is rounded from them. */
const MOST_APART = 0.25;
/** Millilitres are written whole. */
const ROUNDED_MILLILITRES = 0.5;

/** "2 cups (250 ml)": the millilitres beside a volume, where they can't be meant for the same. */
function contradiction(
  amount: Amount,
  unit: Unit,
  beside: AdjacentMeasure,
  standard: Standard,
): Amount | null {
  if (!isVolumeUnit(unit) || !isVolumeUnit(beside.unit) || beside.bare) return null;
  const here = midpoint(amount).mul(millilitresIn(unit, standard)).valueOf();
  const there = scale(beside.amount, millilitresIn(beside.unit, standard));
  const apart = Math.abs(midpoint(there).valueOf() - here) - ROUNDED_MILLILITRES;
  return apart > here * MOST_APART ? there : null;
}

const isMetric = (unit: Unit): boolean => unit === 'g' || unit === 'kg';

const isSpoonOrCup = (unit: Unit): boolean => unit === 'cup' || unit === 'tbsp' || unit === 'tsp';

/** How many `to` one `from` is; null when one is a volume and the other a mass. */
function ratioOf(from: Unit, to: Unit, standard: Standard): Fraction | null {
  if (from === to) return ONE;
  // A stick of butter is half a US cup, wherever it is baked with.
  if (from === 'stick' && isVolumeUnit(to)) return STICK.div(millilitresIn(to, standard));
  if (to === 'stick' && isVolumeUnit(from)) return millilitresIn(from, standard).div(STICK);
  if (isVolumeUnit(from) && isVolumeUnit(to)) {
    return millilitresIn(from, standard).div(millilitresIn(to, standard));
  }
  return isMassUnit(from) && isMassUnit(to) ? gramsIn(from).div(gramsIn(to)) : null;
}

/** "- 2 T", "minus 2 tbsp", ", less 1 tsp": nothing else stands behind the name. */
const LESS = /^ ?,? ?(?:-|minus|less) /i;

/**
 * What is left of an amount where the words behind the name take some off: "1 cup sugar - 2 T" is
 * seven eighths of a cup. Null where they do not, or where nothing would be left.
 */
export function lessBehind(
  tail: string,
  { amount, unit }: { readonly amount: Amount; readonly unit: Unit | null },
  standard: Standard,
): Amount | null {
  const less = LESS.exec(tail);
  const off = less && unit && readAdjacentMeasure(tail, less[0].length);
  if (!off || tail.slice(off.end).trim() !== '') return null;
  const ratio = ratioOf(off.unit, unit, standard);
  const left = ratio && shift(amount, off.amount.min.mul(ratio).mul(-1));
  return left && left.min.compare(0) > 0 ? left : null;
}
