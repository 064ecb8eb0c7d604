export { contextIn, type LineParts } from './line-parts.js';
export { findIngredient, readIngredientLine } from './ingredient-line.js';
