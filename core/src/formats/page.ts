import type { Shelf } from '../catalogue/index.js';
import { readRecipe } from '../reading/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import { linkedDataIn } from './html-text.js';
import { readJsonLd, readLinkedData } from './json-ld-read.js';
import { microdataIn } from './microdata.js';
import { textOfPage } from './page-text.js';
import { textOnly, type FileReading, type RecipeWords } from './recipe-file.js';

/** A page with fewer ingredients that have an amount tells of something else. */
const FEWEST_INGREDIENTS = 2;

/** Whether a text lists ingredients with their amounts. */
function hasIngredients(text: string, shelf: Shelf): boolean {
  const { lines } = readRecipe(text, USUAL_STANDARD, shelf);
  const written = lines.filter((line) => line.ingredientId !== null && line.amount !== null);
  return written.length >= FEWEST_INGREDIENTS;
}

/**
 * The recipes of a web page: what it says in linked data, else what it marks in its text, else its
 * text as a reader sees it, where that lists ingredients.
 */
export function readPage(
  html: string,
  words: RecipeWords,
  shelf: Shelf,
): Omit<FileReading, 'format'> {
  const linked = linkedDataIn(html).map((part) => readJsonLd(part, words));
  const problems = linked.flatMap((part) => part.problems);
  const recipes = linked.flatMap((part) => part.recipes);
  if (recipes.length > 0) return { recipes, problems };
  const marked = readLinkedData(microdataIn(html), words);
  if (marked.recipes.length > 0) return marked;
  const text = textOfPage(html);
  return hasIngredients(text, shelf)
    ? { recipes: [textOnly(text)], problems: [] }
    : { recipes, problems };
}
