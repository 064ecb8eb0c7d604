import { textOnly, type RecipeFile } from './recipe-file.js';

/** The line that parts the recipes of one text file. */
// eslint-disable-next-line ypsigram/no-prose -- a sign of the format, in any language
export const NEXT_RECIPE = '===== next recipe =====';
const PARTING = /\r?\n[ \t]*={3,} ?next recipe ?={3,}[ \t]*\r?\n/i;

/** Recipes as plain text, one after another, as they are written. */
export function writePlainText(recipes: readonly Pick<RecipeFile, 'text'>[]): string {
  return recipes.map(({ text }) => text).join(`\n${NEXT_RECIPE}\n`);
}

/** The recipes of a text file, parted by a line that says so; the text of each as it stands. */
export function readPlainText(content: string): RecipeFile[] {
  return content
    .split(PARTING)
    .filter((text) => text.trim() !== '')
    .map((text) => textOnly(text));
}
