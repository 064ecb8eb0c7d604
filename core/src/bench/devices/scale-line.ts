import { GRAMS_PER_OUNCE, gramsIn } from '../../units/index.js';
import type { ScaleReading, ScaleUnit } from '../scale/index.js';

const LINE =
  /^\s*(ST|US|OL|UL)\s*,\s*(?:(GS|NT|TR)\s*,\s*)?([+-]?)\s*(\d+(?:[.,]\d+)?)?\s*(kg|g|oz|lb|ml)?\s*$/i;
const POUND_GRAMS = gramsIn('lb').valueOf();

/** How each unit of the wire is shown, and how many grams one of it is. */
const UNITS: Readonly<Record<string, { readonly unit: ScaleUnit; readonly grams: number }>> = {
  g: { unit: 'g', grams: 1 },
  kg: { unit: 'g', grams: 1000 },
  oz: { unit: 'oz', grams: GRAMS_PER_OUNCE },
  lb: { unit: 'lb-oz', grams: POUND_GRAMS },
  ml: { unit: 'ml', grams: 1 },
};

/**
 * A line as serial scales send it: `ST,GS,+0123.4 g`. ST is stable, US is not, OL is too much and
 * UL too little; GS is the gross mass, NT the net one after taring. Null for anything else, which
 * is passed over: scales greet, and lines get torn. A scale does not say what it has tared away.
 *
 * @example
 * readScaleLine('ST,GS,+0123.4 g') // 123.4 g, settled
 */
export function readScaleLine(line: string): ScaleReading | null {
  const found = LINE.exec(line);
  if (!found) return null;
  const [, head, type, sign, digits, unitText] = found;
  const status = head!.toUpperCase();
  const { unit, grams: gramsEach } = UNITS[(unitText ?? 'g').toLowerCase()]!;
  const tareGrams = type?.toUpperCase() === 'GS' ? 0 : null;
  if (status === 'OL' || status === 'UL') {
    const state = status === 'OL' ? 'overload' : 'underload';
    return { state, unit, shown: '', grams: null, isStable: false, tareGrams };
  }
  if (digits === undefined) return null;
  const figure = Number(digits.replace(',', '.')) * (sign === '-' ? -1 : 1);
  const decimals = /[.,](\d+)$/.exec(digits)?.[1]?.length ?? 0;
  return {
    state: 'on',
    unit,
    shown: unitText?.toLowerCase() === 'kg' ? String(figure * 1000) : figure.toFixed(decimals),
    grams: figure * gramsEach,
    isStable: status === 'ST',
    tareGrams,
  };
}
