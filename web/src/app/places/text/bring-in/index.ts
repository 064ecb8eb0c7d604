export { BringIn, type BroughtRecipe } from './bring-in';
