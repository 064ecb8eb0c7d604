export { changedSince, type Change } from './changed-since.js';
export { costOf, logByMonth, type LogMonth } from './over-time.js';
export {
  chanceOfGood,
  forgivenessToPlanBy,
  goodDespite,
  learnForgiveness,
  type JudgedBake,
  type LearnedLimit,
} from './learned-forgiveness.js';
export { outcomeOf, type BakeIdentity, type BakeOutcome, type OutcomeLine } from './outcome.js';
export { provenWeights } from './proven-weights.js';
