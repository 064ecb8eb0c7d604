import { counted, fixed, unitName } from '@ypsigram/contract';
import { isRange, mixed, showKitchen, type Amount, type Fraction } from '@ypsigram/core/amount';
import type { Line, Yield } from '@ypsigram/core/reading';
import type { Intended } from '@ypsigram/core/conversion';
import { isMassUnit, type Unit } from '@ypsigram/core/units';

/** What a recipe makes in this batch: "27 knots", "12 to 15 buns"; null where it gives no number. */
export function scaledYield(yields: Yield | null, factor: Fraction): string | null {
  if (!yields?.count) return null;
  const [least, most] = [yields.count.min.mul(factor), yields.count.max.mul(factor)];
  const [min, max] = [showKitchen(least).text, showKitchen(most).text];
  const written = yields.isEnglish ? yields.count.max.valueOf() : null;
  return counted(min === max ? min : `${min} to ${max}`, most.valueOf(), yields.noun, written);
}

/** An amount with its unit as a baker writes it: fractions for measures, decimals for metric. */
export function shownAmount(amount: Amount, unit: Unit): string {
  const decimal = isMassUnit(unit) || unit === 'ml' || unit === 'dl' || unit === 'l';
  const one = (value: Amount['min']): string => {
    if (!decimal)
      return showKitchen(value).exact ? mixed(value) : `about ${showKitchen(value).text}`;
    return String(Number(value.valueOf().toPrecision(4)));
  };
  const text = isRange(amount) ? `${one(amount.min)} to ${one(amount.max)}` : one(amount.min);
  return `${text} ${unitName(unit, amount.max.compare(1) > 0)}`;
}

/** What a written amount is in another batch: "6 cups", of what is counted its number alone. */
export const batchedAmount = (amount: Amount, unit: Unit): string =>
  shownAmount(amount, unit).replace(/ ×$/, '');

/** The amount of a line as it was read; null when the line has none. */
export function writtenAmount({ amount, unit }: Pick<Line, 'amount' | 'unit'>): string | null {
  return amount && unit ? shownAmount(amount, unit) : null;
}

/** The range of an intended mass, "148 to 178 g"; null where it is exact. */
export function spread(intended: Intended | null): string | null {
  if (!intended || intended.high - intended.low < intended.grams * 1e-9) return null;
  const digits = intended.high < 20 ? 1 : 0;
  return `${fixed(intended.low, digits)} to ${fixed(intended.high, digits)} g`;
}
