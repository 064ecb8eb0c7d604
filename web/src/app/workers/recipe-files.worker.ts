import { expose } from 'comlink';
import { RECIPE_WORDS } from '@ypsigram/contract';
import { readRecipeFile, withItsLines, type FileReading } from '@ypsigram/core/formats';
import { recipesOfDocument, type DocumentPage } from '@ypsigram/core/scan';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';

const recipeFiles = {
  /** The recipes of a file; see the core. */
  read: (name: string, content: string): FileReading =>
    readRecipeFile(name, content, RECIPE_WORDS, BUILT_IN_SHELF),
  /** The recipes of the pages of a document, as texts; see the core. */
  recipesOfDocument: (pages: readonly DocumentPage[]): string[] =>
    recipesOfDocument(pages, BUILT_IN_SHELF),
  withItsLines,
};

export type RecipeFilesWorker = typeof recipeFiles;

expose(recipeFiles);
