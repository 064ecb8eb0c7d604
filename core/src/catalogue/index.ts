export { CATALOGUE, ingredientById, knownIngredient } from './catalogue.js';
export { closestIngredients } from './closest.js';
export {
  CLASSES,
  ESTIMATE,
  METHODS,
  NOMINAL,
  ROLES,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Role,
  type Weight,
  type WeightUnit,
} from './ingredient.js';
export { findName, type NameFinder, type NameMatch } from './names.js';
export {
  BUILT_IN_SHELF,
  shelfOf,
  THIS_KITCHEN,
  type OwnIngredient,
  type OwnWeight,
  type Shelf,
} from './shelf.js';
export { singular, wordsOf } from './words.js';
