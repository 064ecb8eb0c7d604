export {
  learnedOfRecipe,
  logQuery,
  outcomeList,
  outcomeQuery,
  type BakeOutcomeReply,
  type LearnedReply,
} from './learned.js';
export { backupPhoto, photo, photoQuery, type Photo } from './photos.js';
export { LARGEST_PHOTO_BYTES, PHOTO_TYPES } from './photo-limits.js';
export {
  CAUSE_WORDS,
  evidenceWords,
  QUESTION_WORDS,
  RATING_NAMES,
  SYMPTOM_NAMES,
} from './words.js';
