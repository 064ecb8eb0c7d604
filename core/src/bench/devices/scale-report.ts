import { GRAMS_PER_OUNCE, gramsIn } from '../../units/index.js';
import type { ScaleReading, ScaleUnit } from '../scale/index.js';

/**
 * The page of weighing devices in "HID Point of Sale Usage Tables" 1.02, and what of it is used here.
 * A usage is written as its page and its number together.
 */
export const WEIGHING_PAGE = 0x8d;
const usage = (id: number): number => WEIGHING_PAGE * 0x10000 + id;
/** The figure of a reading. */
export const DATA_WEIGHT = usage(0x40);
const DATA_SCALING = usage(0x41);
/** Sets the scale to zero with what stands on it. */
export const ZERO_SCALE = usage(0x80);

const STATUSES = [
  'fault',
  'at-zero',
  'moving',
  'stable',
  'under-zero',
  'overload',
  'needs-calibration',
  'needs-zero',
] as const;
type Status = (typeof STATUSES)[number];
const FIRST_STATUS = usage(0x71);

const POUND_GRAMS = gramsIn('lb').valueOf();
const GRAIN_GRAMS = POUND_GRAMS / 7000;

/**
 * Units in the order of the table, each as it is shown here and in grams. A tael is of another weight
 * in each city, so it gives no mass.
 */
const UNITS: readonly { readonly unit: ScaleUnit; readonly grams: number | null }[] = [
  { unit: 'g', grams: 0.001 },
  { unit: 'g', grams: 1 },
  { unit: 'g', grams: 1000 },
  { unit: 'g', grams: 0.2 },
  { unit: 'g', grams: null },
  { unit: 'g', grams: GRAIN_GRAMS },
  { unit: 'g', grams: 24 * GRAIN_GRAMS },
  { unit: 'g', grams: 1_000_000 },
  { unit: 'g', grams: 2000 * POUND_GRAMS },
  { unit: 'g', grams: 480 * GRAIN_GRAMS },
  { unit: 'oz', grams: GRAMS_PER_OUNCE },
  { unit: 'lb-oz', grams: POUND_GRAMS },
];
const FIRST_UNIT = usage(0x51);

/** A field of a report, as the device describes it. */
export interface ReportField {
  /** What it can hold; of a choice, in the order of its numbers. */
  readonly usages: readonly number[];
  readonly bits: number;
  readonly count: number;
  /** The least number it can hold: below zero, and it has a sign. Of a choice the number of the first. */
  readonly least: number;
}

const range = (first: number, count: number): number[] =>
  Array.from({ length: count }, (_, at) => first + at);

/** The scale data report as most devices have it: status, unit, a power of ten, the figure. */
export const USUAL_REPORT: readonly ReportField[] = [
  { usages: range(FIRST_STATUS, STATUSES.length), bits: 8, count: 1, least: 1 },
  { usages: range(FIRST_UNIT, UNITS.length), bits: 8, count: 1, least: 1 },
  { usages: [DATA_SCALING], bits: 8, count: 1, least: -128 },
  { usages: [DATA_WEIGHT], bits: 16, count: 1, least: 0 },
];

/** A whole number of so many bits, the lowest first, as reports are packed. */
function bitsAt(bytes: Uint8Array, start: number, bits: number, hasSign: boolean): number {
  let value = 0;
  for (let bit = 0; bit < bits; bit++) {
    const at = start + bit;
    if ((bytes[at >> 3]! >> (at & 7)) & 1) value += 2 ** bit;
  }
  return hasSign && value >= 2 ** (bits - 1) ? value - 2 ** bits : value;
}

interface Found {
  status?: Status | undefined;
  unit?: (typeof UNITS)[number] | undefined;
  scaling: number;
  figure?: number;
}

/** What the fields of a report hold; null where it is shorter than they are. */
function fieldsOf(bytes: Uint8Array, fields: readonly ReportField[]): Found | null {
  const found: Found = { scaling: 0 };
  let at = 0;
  for (const { usages, bits, count, least } of fields) {
    if (at + bits * count > bytes.length * 8) return null;
    const value = bitsAt(bytes, at, bits, least < 0);
    at += bits * count;
    const [first] = usages;
    if (first === DATA_WEIGHT) found.figure = value;
    else if (first === DATA_SCALING) found.scaling = value;
    else {
      const chosen = usages[value - least];
      if (chosen === undefined) continue;
      found.status ??= STATUSES[chosen - FIRST_STATUS];
      found.unit ??= UNITS[chosen - FIRST_UNIT];
    }
  }
  return found;
}

const WITHOUT_FIGURE: ReadonlySet<Status> = new Set(['fault', 'needs-calibration', 'needs-zero']);
/** No kitchen scale counts in smaller or larger steps than these powers of ten. */
const MOST_SCALING = 6;

/**
 * A scale data report of a weighing device, decoded: what its display shows, in grams. `fields` are
 * those that the device describes; the usual ones where it describes none. Null for a report that is
 * too short, or holds no weight. A scale that moves, or has a fault, has settled nothing; below zero
 * the standard has no word for having settled, so whoever watches it has to tell.
 *
 * @example
 * readScaleReport(Uint8Array.of(4, 2, 0xff, 0xd2, 0x04)) // 123.4 g, settled
 */
export function readScaleReport(
  bytes: Uint8Array,
  fields: readonly ReportField[] = USUAL_REPORT,
): ScaleReading | null {
  const found = fieldsOf(bytes, fields);
  if (!found?.status) return null;
  const { status, unit, scaling, figure } = found;
  const nothing = { unit: unit?.unit ?? 'g', shown: '', grams: null, tareGrams: null };
  if (status === 'overload') return { ...nothing, state: 'overload', isStable: false };
  if (WITHOUT_FIGURE.has(status)) return { ...nothing, state: 'on', isStable: false };
  if (figure === undefined || !unit || Math.abs(scaling) > MOST_SCALING) return null;
  const sign = status === 'under-zero' ? -1 : 1;
  const value = sign * figure * 10 ** scaling;
  const grams = unit.grams === null ? null : toPower(value * unit.grams);
  const isOwnUnit = unit.unit !== 'g';
  const decimals = Math.max(0, -scaling);
  return {
    ...nothing,
    state: 'on',
    shown: isOwnUnit ? value.toFixed(decimals) : grams === null ? '' : String(grams),
    grams,
    isStable: status === 'stable' || status === 'at-zero',
  };
}

/** A power of ten times a whole number, without the dust of binary fractions. */
const toPower = (grams: number): number => Number(grams.toPrecision(12));

/** The step that a report counts in, in grams; null where it says none. */
export function stepOfReport(
  bytes: Uint8Array,
  fields: readonly ReportField[] = USUAL_REPORT,
): number | null {
  const found = fieldsOf(bytes, fields);
  if (!found?.unit?.grams || Math.abs(found.scaling) > MOST_SCALING) return null;
  return toPower(10 ** found.scaling * found.unit.grams);
}
