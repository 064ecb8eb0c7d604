export { type LinePlace, RecipeEditor, SPACE_STEP_PIXELS } from './recipe-editor';
