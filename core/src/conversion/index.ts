export { groundsOf } from './grounds.js';
export { intendedMass, type Intended, type IntendedBasis, type MeasuredLine } from './intended.js';
export { intendedOtherwise, questionsOf, type Choice, type Question } from './questions.js';
export type { AmountSlip } from './slips.js';
