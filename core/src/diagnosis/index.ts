export {
  CAUSES,
  type CauseId,
  QUESTIONS,
  SOMETHING_ELSE,
  type Cause,
  type CauseRemedy,
  type QuestionId,
} from './causes.js';
export { earlierFailures, FAILED_AT_MOST, triedBefore } from './earlier.js';
export { NOTHING_WRONG, type Expected, type Figure, type KnownFigure } from './figures.js';
export { DOUBT_LOGITS, DOUBTED, STATED, type Likelihoods } from './likelihoods.js';
export { MOST_TICKED } from './ticks.js';
export { MOST_QUESTIONS, nextQuestion, type NextQuestion } from './next-question.js';
export {
  rankCauses,
  type Evidence,
  type FailedBake,
  type RankedCause,
  type TriedBefore,
} from './rank-causes.js';
export { dialNextTime, failedBake, isBelievable, type Around } from './record.js';
export { SYMPTOMS, SYMPTOMS_OF, type Symptom } from './symptoms.js';
