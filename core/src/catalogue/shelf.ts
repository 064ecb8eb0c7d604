import type { Ingredient } from './ingredient.js';
import type { NameFinder } from './names.js';

/** The ingredients a kitchen bakes with, and the names they go by. */
export interface Shelf {
  readonly all: readonly Ingredient[];
  ingredient(id: string): Ingredient | undefined;
  readonly findName: NameFinder;
  /** What stands behind the shelf: asked for words that name nothing on it. */
  behind?(words: readonly string[]): Ingredient | null;
}
