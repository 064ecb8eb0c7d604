import type { z } from 'zod';
import { readCsv } from '@ypsigram/core/formats';
import { csvProblemMessage, issueMessage } from '@ypsigram/contract';

/** A row that can not come in, and why. A null row is about the whole table. */
export interface TableProblem {
  readonly row: number | null;
  readonly message: string;
}

/** What a table holds: rows that can come in, each with its number, and those that can not. */
export interface Table<Row> {
  readonly rows: readonly { readonly row: number; readonly value: Row }[];
  readonly problems: readonly TableProblem[];
}

/** More rows than this are not taken at once. */
export const MOST_ROWS = 20_000;

/** A figure with a decimal point or comma; anything else stays text, and is then refused. */
export const figure = (cell: string | undefined): unknown => {
  const plain = (cell ?? '').trim().replace(',', '.');
  return /^\d+(?:\.\d+)?(?:e-?\d+)?$/i.test(plain) ? Number(plain) : cell;
};

/** What is not written is not there. */
export const orNull = (cell: string | undefined): string | null => {
  const plain = (cell ?? '').trim();
  return plain === '' ? null : plain;
};

/**
 * Reads a table row by row: `shape` makes a value of the cells, `schema` checks it. A bad row is
 * reported by its number with the first thing wrong with it, and the rest is offered.
 */
export function readTable<T extends z.ZodType>(
  text: string,
  columns: readonly string[],
  shape: (cells: Readonly<Record<string, string>>) => unknown,
  schema: T,
): Table<z.output<T>> {
  const table = readCsv(text, columns);
  const problems: TableProblem[] = table.problems.map(csvProblemMessage);
  const rows: { row: number; value: z.output<T> }[] = [];
  for (const { row, cells } of table.rows.slice(0, MOST_ROWS)) {
    const parsed = schema.safeParse(shape(cells), { error: issueMessage });
    if (parsed.success) rows.push({ row, value: parsed.data });
    else {
      const { path, message } = parsed.error.issues[0]!;
      problems.push({ row, message: `${path.map(String).join('.')}: ${message}` });
    }
  }
  if (table.rows.length > MOST_ROWS) {
    problems.push({
      row: null,
      message: `At most ${MOST_ROWS} rows can be imported at once. Split the table.`,
    });
  }
  return { rows, problems: problems.sort((a, b) => (a.row ?? 0) - (b.row ?? 0)) };
}
