import type { CsvProblem } from '@ypsigram/core/formats';

/** What is wrong with a table, in a sentence, and the row it stands in. */
export function csvProblemMessage(problem: CsvProblem): {
  readonly row: number | null;
  readonly message: string;
} {
  switch (problem.code) {
    case 'no-table':
      return { row: null, message: 'This is no table: its first row must name the columns.' };
    case 'missing-column':
      return { row: 1, message: `The column “${problem.column}” is missing.` };
    case 'cell-count':
      return {
        row: problem.row,
        message: `${problem.cells} cells instead of ${problem.columns}: a comma too few or too many?`,
      };
    case 'open-quote':
      return { row: problem.row, message: 'A quotation mark is opened here and not closed.' };
  }
}
