/**
 * The units a line can be written in. `each` counts pieces (eggs, cans, lemons), `stick` is
 * butter's half cup, `packet` what yeast and gelatin are sold in. Pinch, dash and smidgen are
 * nominal parts of a teaspoon.
 */
export const UNITS = [
  'cup',
  'tbsp',
  'tsp',
  'fl-oz',
  'pint',
  'quart',
  'gallon',
  'ml',
  'dl',
  'l',
  'g',
  'kg',
  'oz',
  'lb',
  'stick',
  'pinch',
  'dash',
  'smidgen',
  'packet',
  'each',
] as const;

/** One of `UNITS`. */
export type Unit = (typeof UNITS)[number];

/** A unit of volume, of whatever standard. */
export type VolumeUnit =
  | 'cup'
  | 'tbsp'
  | 'tsp'
  | 'fl-oz'
  | 'pint'
  | 'quart'
  | 'gallon'
  | 'ml'
  | 'dl'
  | 'l'
  | 'pinch'
  | 'dash'
  | 'smidgen';

/** A unit of mass; ounce and pound are avoirdupois. */
export type MassUnit = 'g' | 'kg' | 'oz' | 'lb';

const VOLUME_UNITS: ReadonlySet<Unit> = new Set<VolumeUnit>([
  'cup',
  'tbsp',
  'tsp',
  'fl-oz',
  'pint',
  'quart',
  'gallon',
  'ml',
  'dl',
  'l',
  'pinch',
  'dash',
  'smidgen',
]);
const MASS_UNITS: ReadonlySet<Unit> = new Set<MassUnit>(['g', 'kg', 'oz', 'lb']);

/** Whether a unit is one of volume: it needs a density to become a mass. */
export function isVolumeUnit(unit: Unit): unit is VolumeUnit {
  return VOLUME_UNITS.has(unit);
}

/** Whether a unit is one of mass. */
export function isMassUnit(unit: Unit): unit is MassUnit {
  return MASS_UNITS.has(unit);
}

/** Units that everybody measures differently: the figure behind them is a convention. */
export function isNominalUnit(unit: Unit): boolean {
  return unit === 'pinch' || unit === 'dash' || unit === 'smidgen';
}
