import { expose } from 'comlink';
import { readRecipeFile, type FileReading } from '@ypsigram/core/formats';

const recipeFiles = {
  /** The recipes of a file; see the core. */
  read: (name: string, content: string): FileReading => readRecipeFile(name, content),
};

export type RecipeFilesWorker = typeof recipeFiles;

expose(recipeFiles);
