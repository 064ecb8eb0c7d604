export { GRAMS_PER_OUNCE, gramsIn } from './mass.js';
export { STANDARDS, USUAL_STANDARD, isBorrowed, millilitresIn, type Standard } from './standard.js';
export {
  UNITS,
  isMassUnit,
  isNominalUnit,
  isVolumeUnit,
  type MassUnit,
  type Unit,
  type VolumeUnit,
} from './unit.js';
export { waterDensity } from './water.js';
export { celsiusOf, celsiusOfGas, FAN_OFFSET, gasMarkOf } from './temperature.js';
