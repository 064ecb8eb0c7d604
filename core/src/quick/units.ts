import { midpoint, readAmount } from '../amount/index.js';
import { gramsIn, isMassUnit, isVolumeUnit, millilitresIn, type Unit } from '../units/index.js';
import { measureNamed, unitIn } from './measure-words.js';
import type { QuickKitchen, WantedAmount } from './quick-kitchen.js';

/** One unit in another, of nothing in particular: "1 cup in ml". */
export interface UnitAnswer {
  readonly kind: 'units';
  readonly from: WantedAmount;
  readonly wanted: WantedAmount;
}

const AN = /^(?:an?|one) /i;

/** An amount and its unit at the start of a text, and what stands behind them. */
function firstOf(
  text: string,
  kitchen: QuickKitchen,
): { readonly measure: WantedAmount; readonly rest: string } | null {
  const found = AN.test(text) ? null : readAmount(text);
  const amount = AN.test(text) ? 1 : found ? midpoint(found.amount).valueOf() : 1;
  const behind = AN.test(text) ? text.replace(AN, '') : text.slice(found?.length ?? 0).trim();
  const [, word = '', rest = ''] =
    /^([^\d]*?)\s*(?:(?:and|plus|\+) )?((?:(?:minus|less|-|−) )?(?:\d|[½¼¾⅓⅔⅛]).*)?$/.exec(
      behind,
    ) ?? [];
  const one = amount > 0 ? measureNamed(word.trim(), kitchen) : null;
  return one && { measure: { unit: one.unit, amount: amount * one.amount }, rest };
}

/** An amount of nothing in particular as it stands, in its own unit; null for anything else. */
export function unitsAsAsked(of: string, kitchen: QuickKitchen): UnitAnswer | null {
  const from = measureOf(of, kitchen);
  return from && { kind: 'units', from, wanted: from };
}

const sizeIn = (unit: Unit, { standard }: QuickKitchen): number =>
  isMassUnit(unit)
    ? gramsIn(unit).valueOf()
    : isVolumeUnit(unit)
      ? millilitresIn(unit, standard).valueOf()
      : NaN;

/** "2 lb 4 oz": all of it in the first unit; null where anything else stands beside it. */
function measureOf(text: string, kitchen: QuickKitchen): WantedAmount | null {
  const first = firstOf(text, kitchen);
  if (!first || first.rest === '') return first && first.measure;
  const [less = ''] = /^(?:minus|less|-|−) /.exec(first.rest) ?? [];
  const more = measureOf(first.rest.slice(less.length), kitchen);
  const { unit, amount } = first.measure;
  if (!more || isMassUnit(more.unit) !== isMassUnit(unit)) return null;
  return {
    unit,
    amount:
      amount +
      ((less === '' ? more.amount : -more.amount) * sizeIn(more.unit, kitchen)) /
        sizeIn(unit, kitchen),
  };
}

/** In which unit an amount of nothing in particular is told where none is asked for. */
const toldIn = (unit: Unit): Unit | null => {
  if (unit === 'ml' || unit === 'dl' || unit === 'l') return 'cup';
  if (unit === 'g' || unit === 'kg') return 'oz';
  if (isMassUnit(unit)) return 'g';
  return isVolumeUnit(unit) ? 'ml' : null;
};

/**
 * A volume in another unit of volume, or a mass in another of mass; in the other system where no unit
 * is asked for. Null for anything else.
 */
export function unitsBetween(
  of: string,
  into: string | null,
  kitchen: QuickKitchen,
): UnitAnswer | null {
  const from = measureOf(of, kitchen);
  const unit = into === null ? from && toldIn(from.unit) : unitIn(into, kitchen);
  if (!from || !unit || isMassUnit(from.unit) !== isMassUnit(unit)) return null;
  const amount = (from.amount * sizeIn(from.unit, kitchen)) / sizeIn(unit, kitchen);
  return Number.isFinite(amount) ? { kind: 'units', from, wanted: { unit, amount } } : null;
}
