/** Units that everybody measures differently: the figure behind them is a convention. */
export const NOMINAL_UNITS = ['pinch', 'dash', 'smidgen', 'drop'] as const;

/** One of `NOMINAL_UNITS`. */
export type NominalUnit = (typeof NOMINAL_UNITS)[number];

/**
 * The units a line can be written in. `each` counts pieces (eggs, cans, lemons), `stick` is
 * butter's half cup, `packet` what yeast and gelatin are sold in. Pinch, dash, smidgen and drop are
 * nominal.
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
  ...NOMINAL_UNITS,
  'packet',
  'each',
] as const;

/** One of `UNITS`. */
export type Unit = (typeof UNITS)[number];

/** A unit of volume, of whatever standard. */
export type VolumeUnit =
  'cup' | 'tbsp' | 'tsp' | 'fl-oz' | 'pint' | 'quart' | 'gallon' | 'ml' | 'dl' | 'l' | NominalUnit;

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
  ...NOMINAL_UNITS,
]);
const NOMINAL: ReadonlySet<Unit> = new Set(NOMINAL_UNITS);
const MASS_UNITS: ReadonlySet<Unit> = new Set<MassUnit>(['g', 'kg', 'oz', 'lb']);

/** Whether a unit is one of volume: it needs a density to become a mass. */
export function isVolumeUnit(unit: Unit): unit is VolumeUnit {
  return VOLUME_UNITS.has(unit);
}

/** Whether a unit is one of mass. */
export function isMassUnit(unit: Unit): unit is MassUnit {
  return MASS_UNITS.has(unit);
}

/** Whether it is one of `NOMINAL_UNITS`. */
export function isNominalUnit(unit: Unit): unit is NominalUnit {
  return NOMINAL.has(unit);
}
