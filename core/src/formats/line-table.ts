import type { CsvRow } from './csv.js';
import type { RecipeFile, RecipeWords } from './recipe-file.js';
import { withSettings } from './settings.js';

/** What the columns of a table with one ingredient to a row hold, by the heads that people write. */
const HEADS: Readonly<Record<string, Column>> = {
  recipe: 'title',
  title: 'title',
  ingredient: 'name',
  ingredients: 'name',
  item: 'name',
  food: 'name',
  name: 'name',
  amount: 'amount',
  quantity: 'amount',
  qty: 'amount',
  unit: 'unit',
  units: 'unit',
  measure: 'unit',
  grams: 'grams',
  g: 'grams',
  'weight (g)': 'grams',
  note: 'note',
  notes: 'note',
  preparation: 'note',
  prep: 'note',
};
type Column = 'title' | 'name' | 'amount' | 'unit' | 'grams' | 'note';
type Cells = Readonly<Record<string, string>>;

const columnOf = (head: string): Column | undefined =>
  Object.hasOwn(HEADS, head) ? HEADS[head] : undefined;

/** The head that names the ingredients where a table has one to a row; null where it does not. */
export function ingredientHead(heads: readonly string[]): string | null {
  const columns = heads.map(columnOf);
  if (!columns.includes('amount') && !columns.includes('grams')) return null;
  return heads.find((_, at) => columns[at] === 'name') ?? null;
}

function partsOf(cells: Cells): Partial<Record<Column, string>> {
  const parts: Partial<Record<Column, string>> = {};
  for (const [head, cell] of Object.entries(cells)) {
    const column = columnOf(head);
    if (column !== undefined && cell.trim() !== '') parts[column] ??= cell.trim();
  }
  return parts;
}

/** A row as a baker writes it: "1 cup (120 g) flour, sifted". */
function lineOf({ amount, unit, grams, name, note }: ReturnType<typeof partsOf>): string | null {
  if (name === undefined) return null;
  const weight = grams === undefined ? undefined : `${grams} g`;
  const measure = amount === undefined ? weight : [amount, unit].filter(Boolean).join(' ');
  const both = amount !== undefined && weight !== undefined ? `${measure} (${weight})` : measure;
  const line = [both, name].filter(Boolean).join(' ');
  return note === undefined ? line : `${line}, ${note}`;
}

/**
 * The recipes of a table with one ingredient to a row, in the order in which they come up; a row
 * without a name of its own belongs to the recipe above it. Rows without an ingredient are named.
 */
export function recipesOfLines(
  rows: readonly CsvRow[],
  words: RecipeWords,
): { readonly recipes: RecipeFile[]; readonly empty: readonly number[] } {
  const byTitle = new Map<string, string[]>();
  const empty: number[] = [];
  let title = words.untitled;
  for (const { row, cells } of rows) {
    const parts = partsOf(cells);
    title = parts.title ?? title;
    const line = lineOf(parts);
    if (line === null) {
      empty.push(row);
      continue;
    }
    const lines = byTitle.get(title);
    if (lines) lines.push(line);
    else byTitle.set(title, [line]);
  }
  const recipes = [...byTitle].map(([name, lines]) =>
    withSettings([name, '', ...lines].join('\n'), {}),
  );
  return { recipes, empty };
}
