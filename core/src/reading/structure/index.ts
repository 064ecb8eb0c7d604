export { headsIngredients } from './heads-ingredients.js';
export { headingOf, isMeasure, isPart, isRuler, isStep, readYield, titleOf } from './structure.js';
