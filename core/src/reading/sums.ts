import { Fraction, scale, shift, type Amount } from '../amount/index.js';
import {
  gramsIn,
  isMassUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../units/index.js';
import { besideAt, toGrams } from './beside.js';
import { match, type UnitMatch } from './unit-at.js';

const PLUS = / (plus|and|\+|&|minus|less) /iy;
const AND_PART = / and an? (half|third|quarter)\b/iy;
const PARTS: Readonly<Record<string, Fraction>> = {
  half: new Fraction(1, 2),
  third: new Fraction(1, 3),
  quarter: new Fraction(1, 4),
};
/** A package around a weight: "400 g tin", "8 oz block". */
const AROUND =
  / (?:can|tin|jar|tub|carton|bag|bottle|box|block|bar|packet|package|pkg|sachet)s?\b(?: of\b)?/iy;

/** Sums and weights that follow the unit, in any order and number. */
export function besides(
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
