import { isNominalUnit, type Unit } from '../units/index.js';

/** What a quantity is measured with: table weights differ between a cup and a spoon. */
export type MeasureSize = 'cup' | 'tbsp' | 'tsp';

// Halfway, on a logarithmic scale, between the sizes of neighbouring measures.
const TSP_UP_TO_MILLILITRES = 8.5;
const TBSP_UP_TO_MILLILITRES = 40;

/**
 * The measure size of a written amount, of a tool or of one of its fills: by its unit where that
 * is a cup or a spoon (an eighth of a cup is still levelled as a cup is), else by its volume.
 */
export function measureSize(unit: Unit, millilitres: number): MeasureSize {
  if (unit === 'tsp' || isNominalUnit(unit)) return 'tsp';
  if (unit === 'tbsp') return 'tbsp';
  if (unit === 'cup' || unit === 'stick') return 'cup';
  return sizeOfVolume(millilitres);
}

/** The measure size that a volume in millilitres would be measured with. */
function sizeOfVolume(millilitres: number): MeasureSize {
  if (millilitres <= TSP_UP_TO_MILLILITRES) return 'tsp';
  return millilitres <= TBSP_UP_TO_MILLILITRES ? 'tbsp' : 'cup';
}
