import { readFileSync } from 'node:fs';
import { publicTable, tableEntries, type PublicTable } from '@ypsigram/core/table';
import { dataFile } from '../own-file.js';

let table: PublicTable | null = null;

function read(): PublicTable {
  table ??= publicTable(tableEntries(readFileSync(dataFile('sr24-measures.csv'), 'utf8')));
  return table;
}

/** The public table of foods; read when a recipe first names something that the shelf lacks. */
export const PUBLIC_TABLE: PublicTable = {
  ingredient: (id) => read().ingredient(id),
  cited: (number) => read().cited(number),
  food: (number) => read().food(number),
  closest: (words) => read().closest(words),
  typed: (text, most) => read().typed(text, most),
};
