export { GRAMS_PER_OUNCE, gramsIn } from './mass.js';
export { STANDARDS, USUAL_STANDARD, isBorrowed, millilitresIn, type Standard } from './standard.js';
export {
  NOMINAL_UNITS,
  UNITS,
  isMassUnit,
  isNominalUnit,
  isVolumeUnit,
  type MassUnit,
  type NominalUnit,
  type Unit,
  type VolumeUnit,
} from './unit.js';
export { waterDensity } from './water.js';
export { celsiusOf, celsiusOfGas, FAN_OFFSET, gasMarkOf } from './temperature.js';
