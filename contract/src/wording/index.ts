export { FACTOR_PROBLEMS } from './factors.js';
export { issueMessage } from './issues.js';
export { CLASS_NAMES, METHOD_NAMES, ROLE_NAMES, basisMeaning, basisName } from './names.js';
export { noteMessage } from './notes.js';
export {
  CLASS_CAUTIONS,
  FLOUR_CAUTION,
  FRESHNESS,
  SPOON_TECHNIQUE,
  TECHNIQUES,
  type Technique,
} from './techniques.js';
