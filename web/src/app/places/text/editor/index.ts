export { type LinePlace, RecipeEditor } from './recipe-editor';
