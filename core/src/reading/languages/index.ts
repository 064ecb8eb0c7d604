export type { Language } from './language.js';
export { LANGUAGES, languageOf, translate, wordsIn } from './translate.js';
