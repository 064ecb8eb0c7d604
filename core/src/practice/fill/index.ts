export { explainFill, type FillCause, type FillReason } from './explain.js';
export {
  MOST_DEGREES,
  bladeWedge,
  densityIn,
  fillBy,
  gramsIn,
  startFilling,
  volumeIn,
  type FillAct,
  type PractisedFilling,
} from './filler.js';
export { looksLike, type FillLook } from './looks-like.js';
export {
  fillTolerance,
  practisedMethods,
  scoreFill,
  targetGrams,
  type FillScore,
  type FillTask,
} from './task.js';
