export { CAUTION_MESSAGES, adviceMessage, batchProblemMessage, premixMessages } from './batch.js';
export { FACTOR_PROBLEMS } from './factors.js';
export { fileProblemMessage } from './files.js';
export { issueMessage } from './issues.js';
export {
  CLASS_NAMES,
  METHOD_NAMES,
  ROLE_NAMES,
  STRICTNESS_NAMES,
  basisMeaning,
  basisName,
} from './names.js';
export { noteMessage } from './notes.js';
export { choiceText, choiceWeight, questionText } from './questions.js';
export { SCALE_UNIT_NAMES, scaleWarningMessage } from './scale.js';
export { slipMessage } from './slips.js';
export { csvProblemMessage } from './tables.js';
export {
  CLASS_CAUTIONS,
  FLOUR_CAUTION,
  FRESHNESS,
  SPOON_TECHNIQUE,
  TECHNIQUES,
  type Technique,
} from './techniques.js';
