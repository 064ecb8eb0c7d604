import { readCsv, writeCsv } from './csv.js';
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

/** Whether the first line of a text is the head of a table of recipes. */
export function isRecipeTable(content: string): boolean {
  const head = /^\ufeff?([^\n]*)/.exec(content)![1]!.toLowerCase();
  const cells = head.split(/[,;\t]/).map((cell) => cell.trim().replace(/^"|"$/g, ''));
  return (
    cells.length >= 2 &&
    (cells.includes('text') || cells.includes('ingredients')) &&
    cells.some((cell) => OTHER_HEADS[cell] === 'title')
  );
}

/**
 * The recipes of a CSV table: our own with everything that belongs to them, or any that has a
 * column of ingredients. A row that can't be read is named, the others come in.
 */
export function readRecipeCsv(
  content: string,
  words: RecipeWords,
): {
  recipes: RecipeFile[];
  problems: FileProblem[];
} {
  const isOwn = /(?:^|[,;\t"])text(?:["\r\n,;\t]|$)/i.test(/^\ufeff?([^\n]*)/.exec(content)![1]!);
  const table = readCsv(content, [isOwn ? 'text' : 'ingredients']);
  const problems: FileProblem[] = table.problems.map((problem) => ({
    code: 'bad-table',
    row: 'row' in problem ? problem.row : null,
    detail: problem.code,
  }));
  const recipes: RecipeFile[] = [];
  for (const { row, cells } of table.rows) {
    const recipe = isOwn ? withSettings(cells['text'] ?? '', cells) : composed(cells, words);
    if (recipe && recipe.text.trim() !== '') recipes.push(recipe);
    else problems.push({ code: 'bad-table', row, detail: 'empty' });
  }
  return { recipes, problems };
}
