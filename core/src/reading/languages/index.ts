export type { Language } from './language.js';
export { languageOf, translate, wordsIn } from './translate.js';
