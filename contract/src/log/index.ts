export {
  bakeOutcome,
  learnedOfRecipe,
  logQuery,
  outcomeList,
  outcomeQuery,
  type BakeOutcomeReply,
  type LearnedReply,
} from './learned.js';
export {
  backupPhoto,
  LARGEST_PHOTO_BYTES,
  photo,
  PHOTO_TYPES,
  photoQuery,
  type Photo,
} from './photos.js';
export {
  CAUSE_WORDS,
  evidenceWords,
  QUESTION_WORDS,
  RATING_NAMES,
  SYMPTOM_NAMES,
} from './words.js';
