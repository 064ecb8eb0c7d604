import Papa from 'papaparse';

/** One row of a table, by column, and the line of the file that a spreadsheet shows for it. */
export interface CsvRow {
  /** Counted from 1; the head is row 1. */
  readonly row: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** What is wrong with a whole file, or with one row of it. */
export type CsvProblem =
  | { readonly code: 'no-table' }
  | { readonly code: 'missing-column'; readonly column: string }
  | {
      readonly code: 'cell-count';
      readonly row: number;
      readonly cells: number;
      readonly columns: number;
    }
  | { readonly code: 'open-quote'; readonly row: number };

/** The rows of a table that could be read, and what is wrong with the others. */
export interface CsvReading {
  readonly rows: readonly CsvRow[];
  readonly problems: readonly CsvProblem[];
}

/** What a spreadsheet would run as a formula when it opens the file. */
const FORMULA = /^'*[=+\-@\t\r]/;
const GUARDED = /^'+[=+\-@\t\r]/;
const BYTE_ORDER_MARK = '\ufeff';

const guard = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);
const unguard = (cell: string): string => (GUARDED.test(cell) ? cell.slice(1) : cell);

/**
 * A table as CSV after RFC 4180, its columns in this order. A cell that begins with =, +, -, @ or
 * a control character gets an apostrophe in front, so that no spreadsheet runs it; reading takes
 * the apostrophe off again.
 *
 * @example
 * writeCsv(['a', 'b'], [{ a: '1,5', b: '=x' }]) // a,b / "1,5",'=x
 */
export function writeCsv(
  columns: readonly string[],
  rows: readonly Readonly<Record<string, string>>[],
): string {
  const table = rows.map((cells) => columns.map((column) => guard(cells[column] ?? '')));
  return `${Papa.unparse([[...columns], ...table], { newline: '\r\n' })}\r\n`;
}

const DELIMITERS = [',', ';', '\t'] as const;

/** What parts the columns: the sign by which most of those that are wanted stand in the head. */
function delimiterOf(text: string, columns: readonly string[]): string {
  const inHead = (delimiter: string): number => {
    const [head = []] = Papa.parse<string[]>(text, { delimiter, preview: 1 }).data;
    const names = head.map((name) => unguard(name.trim()).toLowerCase());
    return names.filter((name) => columns.includes(name)).length;
  };
  return DELIMITERS.reduce((best, one) => (inHead(one) > inHead(best) ? one : best));
}

/**
 * Reads a CSV table with a head. Separators may be commas, semicolons or tabs; columns may stand
 * in any order and further ones are passed over. Rows that can not be read are named and left
 * out, the others come back. Never throws, whatever the text.
 */
export function readCsv(text: string, columns: readonly string[]): CsvReading {
  const plain = text.startsWith(BYTE_ORDER_MARK) ? text.slice(1) : text;
  const parsed = Papa.parse<string[]>(plain, {
    skipEmptyLines: false,
    delimiter: delimiterOf(plain, columns),
  });
  const [head, ...body] = parsed.data;
  const names = (head ?? []).map((name) => unguard(name.trim()).toLowerCase());
  if (names.length < 2 && names.every((name) => !columns.includes(name))) {
    return { rows: [], problems: [{ code: 'no-table' }] };
  }
  const missing = columns.find((column) => !names.includes(column));
  if (missing !== undefined) {
    return { rows: [], problems: [{ code: 'missing-column', column: missing }] };
  }
  const torn = new Set(
    parsed.errors.filter(({ type }) => type === 'Quotes').map(({ row }) => row ?? 0),
  );
  const rows: CsvRow[] = [];
  const problems: CsvProblem[] = [];
  body.forEach((cells, index) => {
    const row = index + 2;
    if (cells.every((cell) => cell.trim() === '')) return;
    if (torn.has(index + 1)) problems.push({ code: 'open-quote', row });
    else if (cells.length !== names.length) {
      problems.push({ code: 'cell-count', row, cells: cells.length, columns: names.length });
    } else {
      const pairs = names.map((name, at) => [name, unguard(cells[at]!)] as const);
      rows.push({ row, cells: Object.fromEntries(pairs) });
    }
  });
  return { rows, problems };
}
