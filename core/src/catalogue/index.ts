export { closestIngredients } from './closest.js';
export {
  BOUNDED,
  CLASSES,
  KEEPS,
  METHODS,
  ROLES,
  UNKNOWN_ALLERGENS,
  type Bounded,
  type IngredientFacts,
  type Hazard,
  type Ingredient,
  type IngredientClass,
  type Keeps,
  type Method,
  type OtherNames,
  type Role,
  type TableWeight,
  type WeightUnit,
} from './ingredient.js';
export { nameFinder, withoutVarieties, type NameFinder, type NameMatch } from './names.js';
export type { Shelf } from './shelf.js';
export { singular, wordsOf } from './words.js';
export {
  ESTIMATE,
  isSameSource,
  likeSr,
  NOMINAL,
  otherSr,
  PHYSICS,
  type SourceRef,
  sr,
  THIS_KITCHEN,
} from './source.js';
