export { adviceOf, type StepAdvice } from './advice.js';
export { type BakingFacts, type BakingQuestion } from './baking-facts.js';
export { bakeSteps, minutesInOven, type BakeStep, type BakeWalk } from './bake-steps.js';
export {
  afterTester,
  firstLook,
  PANS,
  TESTER_FINDS,
  type FirstLook,
  type PanKind,
  type TesterAnswer,
  type TesterFind,
} from './checks.js';
export type { Minutes } from './stages.js';
export { STEP_KINDS, WAITS, type StepKind } from './step-kind.js';
