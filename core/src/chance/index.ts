export {
  JUG_READINGS,
  chanceLines,
  type ChanceBasis,
  type ChanceFill,
  type ChanceLine,
  type HandFilling,
  type JugReading,
  type ChanceRoute,
} from './chance-line.js';
export { drawFill, type FillModel } from './fill.js';
export { randomFrom, seedOf, type Random } from './random.js';
export { sharedAndRandom, type SharedAndRandom } from './shared-and-random.js';
export {
  Simulation,
  simulate,
  type CausedOutcome,
  type Chances,
  type ChanceOutcome,
} from './simulate.js';
export { CAUSES, type SpreadCause } from './sources.js';
export { HISTOGRAM, type Spread } from './tally.js';
export { flourVariants, type FlourVariant, type FlourWay } from './variants.js';
export {
  CALIBRATED_SPREAD,
  MORE_TRIALS,
  afterTrials,
  learnSteps,
  whatToLearn,
  type HandLesson,
  type ToolLesson,
  type WhatToLearn,
} from './what-to-learn.js';
export type { Steps } from './steps.js';
export { searchSteps, whereWeighingPays, type WhereWeighingPays } from './where-weighing-pays.js';
export type { ChanceOptions } from './options.js';
