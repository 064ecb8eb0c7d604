export { closestIngredients } from './closest.js';
export {
  CLASSES,
  ESTIMATE,
  METHODS,
  NOMINAL,
  ROLES,
  THIS_KITCHEN,
  type Ingredient,
  type IngredientClass,
  type Method,
  type OtherNames,
  type Role,
  type Weight,
  type WeightUnit,
} from './ingredient.js';
export { nameFinder, type NameFinder, type NameMatch } from './names.js';
export type { Shelf } from './shelf.js';
export { singular, wordsOf } from './words.js';
