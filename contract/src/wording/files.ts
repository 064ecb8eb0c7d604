import type { CsvProblem, FileProblem } from '@ypsigram/core/formats';

/** What is wrong with a table, in a sentence, and the row it stands in. */
export function csvProblemMessage(problem: CsvProblem): {
  readonly row: number | null;
  readonly message: string;
} {
  switch (problem.code) {
    case 'no-table':
      return { row: null, message: 'This is not a table: its first row must name the columns.' };
    case 'missing-column':
      return { row: 1, message: `The column “${problem.column}” is missing.` };
    case 'cell-count':
      return {
        row: problem.row,
        message: `${problem.cells} cells instead of ${problem.columns}: a comma too few or too many?`,
      };
    case 'open-quote':
      return { row: problem.row, message: 'This row opens a quotation mark and never closes it.' };
  }
}

const FORMAT_NAMES = {
  text: 'text',
  markdown: 'Markdown text',
  'json-ld': 'JSON',
  html: 'page',
  csv: 'table',
} as const;

const ROW_PROBLEMS: Readonly<Record<string, string>> = {
  'cell-count': 'has more or fewer cells than the heading of the table',
  'open-quote': 'opens a quote that is never closed',
  'missing-column':
    'has no column of ingredients. It needs a row for each recipe, with the columns title and ingredients, or a row for each ingredient, with the columns recipe, amount, unit and ingredient',
  'no-table': 'has no columns',
  empty: 'has no recipe in it',
};

const megabytes = (bytes: number): string => `${Math.round(bytes / 1024 / 1024)} MB`;

/** What is wrong with a file, or a part of it, in a sentence with what to do. */
export function fileProblemMessage(problem: FileProblem): string {
  switch (problem.code) {
    case 'empty':
      return 'There is nothing in this file.';
    case 'binary':
      return 'This is a picture or another kind of file, not text. Save the recipe as text and import that.';
    case 'too-large':
      return `This file has ${megabytes(problem.bytes)}: at most ${megabytes(problem.most)} can be read. Split it.`;
    case 'too-many':
      return `Only the first ${problem.most} recipes of this file can be imported at once. Split the file to import the rest.`;
    case 'broken-json':
      return 'This looks like JSON, but it is incomplete or damaged. Export it again and import the new file.';
    case 'too-deep':
      return 'Parts of this file are nested too deeply for a recipe and were left out.';
    case 'no-recipe':
      return problem.format === 'html'
        ? 'No recipe was found on this page. Copy its text and paste it instead.'
        : `There is no recipe in this ${FORMAT_NAMES[problem.format]}.`;
    case 'nothing-in-it':
      return `“${problem.title}” has neither ingredients nor steps.`;
    case 'too-long':
      return `“${problem.title}” is longer than ${problem.most} characters, too long for a recipe. Split it.`;
    case 'a-backup':
      return 'This is a backup of a whole kitchen. Use “Restore a backup” instead.';
    case 'bad-table': {
      const what = ROW_PROBLEMS[problem.detail] ?? 'can’t be read';
      return problem.row === null ? `The table ${what}.` : `Row ${problem.row} ${what}.`;
    }
  }
}
