export { readCsv, writeCsv, type CsvProblem, type CsvReading, type CsvRow } from './csv.js';
export { type LogColumn, type LogWords, writeLogCsv } from './log-csv.js';
export {
  LARGEST_FILE_BYTES,
  MOST_RECIPES,
  type FileProblem,
  type FileReading,
  type RecipeFile,
  type RecipeFormat,
  type RecipeWords,
} from './recipe-file.js';
export {
  EXPORT_FORMATS,
  readRecipeFile,
  writeRecipeFile,
  type ExportFormat,
} from './recipe-files.js';
export { withItsLines } from './rich-text.js';
export { FORMATS, type FormatRecord } from './recipe-formats.js';
