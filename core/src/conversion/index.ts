export {
  gramsAtStake,
  intendedMass,
  intendedOtherwise,
  otherReadings,
  type Intended,
  type IntendedBasis,
  type MeasuredLine,
} from './intended.js';
