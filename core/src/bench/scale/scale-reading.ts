import { GRAMS_PER_OUNCE } from '../../units/index.js';

/** What a kitchen scale can be switched to. Its millilitres are those of water. */
export const SCALE_UNITS = ['g', 'oz', 'lb-oz', 'ml'] as const;
/** One of `SCALE_UNITS`: what the display counts in. */
export type ScaleUnit = (typeof SCALE_UNITS)[number];

/** What a scale can say of itself: over- and underload are beyond its range. */
export const SCALE_STATES = ['on', 'off', 'overload', 'underload'] as const;
/** One of `SCALE_STATES`. */
export type ScaleState = (typeof SCALE_STATES)[number];

/** What a scale shows at one moment, whatever kind of scale it is. */
export interface ScaleReading {
  readonly state: ScaleState;
  readonly unit: ScaleUnit;
  /** As on its display: "125", "4.40", "1 lb 2.35"; empty where it shows no figure. */
  readonly shown: string;
  /** The net mass that the display stands for; null where it shows no figure. */
  readonly grams: number | null;
  /** The reading has settled. */
  readonly isStable: boolean;
  /** What was zeroed away; null where the scale does not tell. */
  readonly tareGrams: number | null;
}

const STEPS = [1, 2, 5] as const;

/** The step of a scale in ounces: the nearest 1, 2 or 5 of a decimal place that is no finer. */
export function ounceGrid(gridGrams: number): number {
  const exact = gridGrams / GRAMS_PER_OUNCE;
  const decade = 10 ** Math.floor(Math.log10(exact));
  const step = STEPS.find((candidate) => candidate * decade >= exact * (1 - 1e-9)) ?? 10;
  return Number((step * decade).toPrecision(3));
}

const digitsOf = (grid: number): number => Math.max(0, Math.ceil(-Math.log10(grid) - 1e-9));

const onGrid = (value: number, grid: number): string => {
  const text = (Math.round(value / grid) * grid).toFixed(digitsOf(grid));
  return Number(text) === 0 ? text.replace('-', '') : text;
};

const OUNCES_PER_POUND = 16;

/**
 * A net mass as a scale of this step shows it in a unit, and the mass that the display then
 * stands for. "ml" takes everything for water of 1 g/mL.
 *
 * @example
 * displayOf(28.35, 'oz', 1).shown // "1.00"
 */
export function displayOf(
  netGrams: number,
  unit: ScaleUnit,
  gridGrams: number,
): Pick<ScaleReading, 'shown' | 'grams'> {
  if (unit === 'g' || unit === 'ml') {
    const shown = onGrid(netGrams, gridGrams);
    return { shown, grams: Number(shown) };
  }
  const grid = ounceGrid(gridGrams);
  const ounces = Number(onGrid(netGrams / GRAMS_PER_OUNCE, grid));
  const grams = ounces * GRAMS_PER_OUNCE;
  if (unit === 'oz') return { shown: onGrid(ounces, grid), grams };
  const sign = ounces < 0 ? '-' : '';
  const pounds = Math.floor(Math.abs(ounces) / OUNCES_PER_POUND);
  const rest = onGrid(Math.abs(ounces) - pounds * OUNCES_PER_POUND, grid);
  return { shown: `${sign}${pounds} lb ${rest}`, grams };
}
