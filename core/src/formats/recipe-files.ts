import type { Shelf } from '../catalogue/index.js';
import { FORMATS, formatOf } from './recipe-formats.js';
import {
  LARGEST_FILE_BYTES,
  LONGEST_RECIPE,
  MOST_RECIPES,
  type FileProblem,
  type FileReading,
  type RecipeFile,
  type RecipeFormat,
  type RecipeWords,
} from './recipe-file.js';

/** How much of a text shows whether it is one. */
const SAMPLE = 4000;
/** A text may have a stray character that only programs use; a picture is full of them. */
const MOST_CONTROLS = 0.1;
const FEWEST_CONTROLS = 4;
/** Control characters that are no white space, and what stands for bytes that are no text. */
const CONTROLS = /[^\P{Cc}\s]|\ufffd/gu;
/** How files begin that hold text among other things, but not for people. */
const SIGNATURE = /^(?:%PDF|PK\p{Cc}|GIF8|\{\\rtf)/u;

function isBinary(content: string): boolean {
  if (SIGNATURE.test(content)) return true;
  const sample = content.slice(0, SAMPLE);
  const controls = sample.match(CONTROLS)?.length ?? 0;
  return controls >= FEWEST_CONTROLS && controls > sample.length * MOST_CONTROLS;
}

const isBackup = (content: string): boolean =>
  /^\s*\{\s*"format"\s*:\s*"ypsigram-backup"/.test(content);

const refused = (problem: FileProblem): FileReading => ({
  format: null,
  recipes: [],
  problems: [problem],
});

/**
 * The recipes of a file, whatever its format: plain text, Markdown, schema.org as JSON or inside
 * or as the text of a saved page, CSV. What can't be read is said and left out. Never throws,
 * whatever the file.
 *
 * @param shelf the ingredients by which the text of a page is seen to be a recipe
 */
export function readRecipeFile(
  name: string,
  content: string,
  words: RecipeWords,
  shelf: Shelf,
): FileReading {
  const most = LARGEST_FILE_BYTES;
  if (content.length > most) return refused({ code: 'too-large', bytes: content.length, most });
  if (content.trim() === '') return refused({ code: 'empty' });
  if (isBinary(content)) return refused({ code: 'binary' });
  if (isBackup(content)) return refused({ code: 'a-backup' });
  const format = formatOf(name, content);
  const { recipes, problems } = FORMATS[format].read(content, words, shelf);
  const all: FileProblem[] = [...problems];
  const kept: RecipeFile[] = [];
  for (const recipe of recipes) {
    if (recipe.text.length <= LONGEST_RECIPE) kept.push(recipe);
    else {
      const title = recipe.title ?? recipe.text.slice(0, 60).split('\n')[0]!;
      all.push({ code: 'too-long', title, most: LONGEST_RECIPE });
    }
  }
  if (kept.length > MOST_RECIPES) all.push({ code: 'too-many', most: MOST_RECIPES });
  if (kept.length === 0 && all.length === 0) all.push({ code: 'no-recipe', format });
  return { format, recipes: kept.slice(0, MOST_RECIPES), problems: all };
}

/** The formats that recipes go out in. */
export const EXPORT_FORMATS = [
  'text',
  'markdown',
  'json-ld',
  'csv',
] as const satisfies readonly RecipeFormat[];
/** One of `EXPORT_FORMATS`. */
export type ExportFormat = (typeof EXPORT_FORMATS)[number];

/**
 * Recipes as the content of a file. Text alone keeps nothing but the texts.
 *
 * @param shelf the ingredients by which lines are told from steps
 */
export const writeRecipeFile = (
  format: ExportFormat,
  recipes: readonly RecipeFile[],
  shelf: Shelf,
  words: RecipeWords,
): string => FORMATS[format].write!(recipes, shelf, words);
