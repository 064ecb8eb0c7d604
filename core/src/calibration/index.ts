export { knownOfAuthor, type AuthorCups, type GivenConvention } from './author.js';
export { changeOf, type DatedFill, type HandChange } from './change.js';
export {
  inferConventions,
  type AuthorRecipe,
  type ConventionLine,
  type InferredConvention,
} from './conventions.js';
export {
  WANTED_UNCERTAINTY,
  biasAgainst,
  calibrateHand,
  trialsNeeded,
  type Bias,
  type Fill,
  type HandCalibration,
} from './hand.js';
export { findSlips, type Container, type Expectation, type TrialSlip } from './slips.js';
export { studentT95 } from './student.js';
export {
  FEWEST_FILLS,
  calibrateTool,
  waterVolume,
  type ToolCalibration,
  type WaterFills,
} from './tool.js';
export {
  VERDICTS,
  knownOfHand,
  trialSets,
  type JudgedTrial,
  type Trial,
  type TrialOf,
  type TrialSet,
  type Verdict,
} from './trials.js';
export {
  calibratedDrawer,
  calibrationOfTool,
  heldMillilitresOf,
  stampedMillilitresOf,
  toolSpreadsOf,
  trialByToday,
  type OwnedTool,
  type OwnedTools,
} from './owned-tools.js';
