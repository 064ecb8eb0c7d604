export { BUILT_IN_SHELF, CATALOGUE, ingredientById, knownIngredient } from './built-in.js';
export { shelfOf, type OwnIngredient, type OwnWeight } from './own-shelf.js';
