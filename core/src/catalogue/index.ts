export { CATALOGUE, ingredientById, knownIngredient } from './catalogue.js';
export {
  CLASSES,
  ESTIMATE,
  METHODS,
  ROLES,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Role,
  type Weight,
  type WeightUnit,
} from './ingredient.js';
export { findName, type NameMatch } from './names.js';
export { BUILT_IN_SHELF, shelfOf, THIS_KITCHEN, type OwnWeight, type Shelf } from './shelf.js';
export { singular, wordsOf } from './words.js';
