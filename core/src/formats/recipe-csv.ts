import { readCsv, writeCsv } from './csv.js';
import { ingredientHead, recipesOfLines } from './line-table.js';
import type { FileProblem, RecipeFile, RecipeWords } from './recipe-file.js';
import { SETTINGS, settingsOf, withSettings } from './settings.js';

const COLUMNS = [...SETTINGS, 'text'] as const;

/** Column heads that others write, and what they hold. */
const OTHER_HEADS: Readonly<Record<string, string>> = {
  title: 'title',
  name: 'title',
  recipe: 'title',
  author: 'author',
  source: 'author',
  yield: 'yield',
  serves: 'yield',
  servings: 'yield',
  makes: 'yield',
  ingredients: 'ingredients',
  ingredient: 'ingredients',
  instructions: 'steps',
  directions: 'steps',
  method: 'steps',
  steps: 'steps',
  preparation: 'steps',
};

/** Recipes as a CSV table, a row to each. Reading it again gives the same recipes. */
export function writeRecipeCsv(recipes: readonly RecipeFile[]): string {
  return writeCsv(
    COLUMNS,
    recipes.map((recipe) => ({ ...settingsOf(recipe), text: recipe.text })),
  );
}

const linesIn = (cell: string): string[] =>
  cell
    .split(/\r?\n|;\s+| \| /)
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** A row of somebody else's table: its columns put together to a text. */
function composed(cells: Readonly<Record<string, string>>, words: RecipeWords): RecipeFile | null {
  const parts: Record<string, string> = {};
  for (const [head, cell] of Object.entries(cells)) {
    const part = Object.hasOwn(OTHER_HEADS, head) ? OTHER_HEADS[head] : undefined;
    if (part !== undefined && cell.trim() !== '') parts[part] ??= cell.trim();
  }
  const { title = words.untitled, author, yield: made, ingredients, steps } = parts;
  if (ingredients === undefined) return null;
  const yields = made === undefined ? [] : [/^[\d.]+$/.test(made) ? words.serves(made) : made];
  const text = [
    title,
    ...yields,
    '',
    ...linesIn(ingredients),
    ...(steps === undefined ? [] : ['', 'Method', ...linesIn(steps)]),
  ].join('\n');
  return withSettings(text, { author });
}

/** The names of the columns, as far as the first line of a text has such. */
function headsOf(content: string): readonly string[] {
  const head = /^\ufeff?([^\n]*)/.exec(content)![1]!.toLowerCase();
  return head.split(/[,;\t]/).map((cell) => cell.trim().replace(/^"|"$/g, ''));
}

/** Whether the first line of a text is the head of a table of recipes, or of ingredients. */
export function isRecipeTable(content: string): boolean {
  const heads = headsOf(content);
  if (heads.length < 2) return false;
  if (ingredientHead(heads) !== null) return true;
  return (
    (heads.includes('text') || heads.includes('ingredients')) &&
    heads.some((head) => OTHER_HEADS[head] === 'title')
  );
}

/**
 * The recipes of a CSV table: our own with everything that belongs to them, any that has a column
 * of ingredients, or one with an ingredient to a row. A row that can't be read is named, the
 * others come in.
 */
export function readRecipeCsv(
  content: string,
  words: RecipeWords,
): {
  recipes: RecipeFile[];
  problems: FileProblem[];
} {
  const heads = headsOf(content);
  const isOwn = heads.includes('text');
  const perLine = isOwn ? null : ingredientHead(heads);
  const table = readCsv(content, [isOwn ? 'text' : (perLine ?? 'ingredients')]);
  const problems: FileProblem[] = table.problems.map((problem) => ({
    code: 'bad-table',
    row: 'row' in problem ? problem.row : null,
    detail: problem.code,
  }));
  if (perLine !== null) {
    const { recipes, empty } = recipesOfLines(table.rows, words);
    const unread = empty.map((row) => ({ code: 'bad-table', row, detail: 'empty' }) as const);
    return { recipes, problems: [...problems, ...unread] };
  }
  const recipes: RecipeFile[] = [];
  for (const { row, cells } of table.rows) {
    const recipe = isOwn ? withSettings(cells['text'] ?? '', cells) : composed(cells, words);
    if (recipe && recipe.text.trim() !== '') recipes.push(recipe);
    else problems.push({ code: 'bad-table', row, detail: 'empty' });
  }
  return { recipes, problems };
}
