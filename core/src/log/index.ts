export { changedSince, type Change } from './changed-since.js';
export { logByMonth, type LogMonth } from './over-time.js';
export {
  chanceOfGood,
  forgivenessToPlanBy,
  learnForgiveness,
  type JudgedBake,
  type LearnedLimit,
} from './learned-forgiveness.js';
export { outcomeOf, type BakeIdentity, type BakeOutcome, type OutcomeLine } from './outcome.js';
export { provenWeights } from './proven-weights.js';
