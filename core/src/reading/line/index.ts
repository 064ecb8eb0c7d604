export { contextIn, type LineParts, type PartWords, type ReadingContext } from './line-parts.js';
export { findIngredient, readIngredientLine } from './ingredient-line.js';
export { partsIn } from './parts-in.js';
export { isRemarkWord } from './phrase.js';
