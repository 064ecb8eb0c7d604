export { CODE_PATTERN, classCode, shownCode, tidyCode } from './code.js';
export {
  classSpread,
  type ClassResult,
  type ClassSpread,
  type ClassTarget,
  type JudgedResult,
} from './standing.js';
