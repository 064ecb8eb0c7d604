import { midpoint, readAmount } from '../amount/index.js';
import { gramsIn, isMassUnit, isVolumeUnit, millilitresIn, type Unit } from '../units/index.js';
import { unitIn, type QuickKitchen, type WantedAmount } from './measure.js';

/** One unit in another, of nothing in particular: "1 cup in ml". */
export interface UnitAnswer {
  readonly kind: 'units';
  readonly from: WantedAmount;
  readonly wanted: WantedAmount;
}

const AN = /^(?:an?|one) /i;

/** An amount of a unit and nothing else; null where something stands beside it. */
function measureOf(text: string, kitchen: QuickKitchen): WantedAmount | null {
  const found = AN.test(text) ? null : readAmount(text);
  const rest = AN.test(text) ? text.replace(AN, '') : text.slice(found?.length ?? 0).trim();
  const amount = AN.test(text) ? 1 : found ? midpoint(found.amount).valueOf() : null;
  const unit = amount === null || amount <= 0 ? null : unitIn(rest, kitchen);
  return unit && amount !== null ? { unit, amount } : null;
}

const sizeIn = (unit: Unit, { standard }: QuickKitchen): number =>
  isMassUnit(unit)
    ? gramsIn(unit).valueOf()
    : isVolumeUnit(unit)
      ? millilitresIn(unit, standard).valueOf()
      : NaN;

/** A volume in another unit of volume, or a mass in another of mass; null for anything else. */
export function unitsBetween(of: string, into: string, kitchen: QuickKitchen): UnitAnswer | null {
  const [from, unit] = [measureOf(of, kitchen), unitIn(into, kitchen)];
  if (!from || !unit || isMassUnit(from.unit) !== isMassUnit(unit)) return null;
  const amount = (from.amount * sizeIn(from.unit, kitchen)) / sizeIn(unit, kitchen);
  return Number.isFinite(amount) ? { kind: 'units', from, wanted: { unit, amount } } : null;
}
