export { CAUSE_WORDS, evidenceWords, QUESTION_WORDS } from './cause-words.js';
export { RATING_NAMES, SYMPTOM_NAMES } from './symptom-words.js';
