export { SAMPLE_RECIPES, type SampleRecipe } from './recipes.js';
