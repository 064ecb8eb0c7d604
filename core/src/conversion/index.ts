export {
  intendedMass,
  intendedOtherwise,
  type Intended,
  type IntendedBasis,
  type MeasuredLine,
} from './intended.js';
