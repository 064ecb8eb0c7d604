export { askedText, depthText, panName } from './batch-asked.js';
export { allergenText } from './allergens.js';
export { answerText } from './answers.js';
export {
  adviceMessage,
  batchProblemMessage,
  CAUTION_MESSAGES,
  doubtMessage,
  openLineMessage,
  reasonMessage,
  FACTOR_PROBLEMS,
  premixMessages,
} from './batch.js';
export { BOOK_WORDS } from './book-words.js';
export { counted, nounFor } from './counted.js';
export { fixed, inOurMark, measureGrams, short, withPoint } from './figures.js';
export { LOG_WORDS, RECIPE_WORDS } from './file-words.js';
export { csvProblemMessage, fileProblemMessage } from './files.js';
export { issueMessage } from './issues.js';
export { makesText } from './makes.js';
export { fillMark, fillName, measureText, type MeasureToSay } from './measures.js';
export {
  BAKE_KIND_NAMES,
  CLASS_NAMES,
  KEEPS_NAMES,
  METHOD_NAMES,
  ROLE_NAMES,
  STRICTNESS_NAMES,
  basisMeaning,
  basisName,
} from './names.js';
export { noteMessage } from './notes.js';
export { choiceText, choiceWeight, questionText } from './questions.js';
export { scaleName, SCALE_UNIT_NAMES } from './scale.js';
export { slipMessage } from './slips.js';
export { sourceText } from './sources.js';
export {
  FRESHNESS,
  HAZARD_CAUTIONS,
  SPOON_TECHNIQUE,
  TECHNIQUES,
  techniqueFor,
  type Technique,
} from './techniques.js';
export { standardName, standardSource } from './standards.js';
export { unitName } from './units.js';
export { weightParts, weightText, type WeightParts } from './weights.js';
