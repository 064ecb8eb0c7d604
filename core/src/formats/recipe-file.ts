import type { Balance } from '../batch/index.js';
import type { LineAnswer } from '../reading/index.js';
import type { Method } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';

/**
 * A recipe as it goes in and out: its text, and what else is known of it. What a file does not
 * say is null, and the baker's own choice then holds.
 */
export interface RecipeFile {
  /** The name in the Book; null where the text's own title is meant. */
  readonly title: string | null;
  readonly text: string;
  /** Whose recipe it is, by name. */
  readonly author: string | null;
  readonly standard: Standard | null;
  /** The batch, as a factor: "3/2". */
  readonly factor: string | null;
  /** The baker's methods, by the key of their line. */
  readonly methods: Readonly<Record<string, Method>> | null;
  /** What was decided of its two columns. */
  readonly balance: Balance | null;
  readonly answers: readonly LineAnswer[] | null;
  /** What its bakes have proved, by the key of the line, in grams at factor 1. */
  readonly proven: Readonly<Record<string, number>> | null;
}

/** A recipe of which only the text is known. */
export const textOnly = (text: string, title: string | null = null): RecipeFile => ({
  title,
  text,
  author: null,
  standard: null,
  factor: null,
  methods: null,
  balance: null,
  answers: null,
  proven: null,
});

/** Words that go into a recipe's text where a file only has figures. */
export interface RecipeWords {
  readonly untitled: string;
  /** "Serves 4", so that the reader knows it again. */
  readonly serves: (count: string) => string;
  /** "Makes 12 knots". */
  readonly makes: (what: string) => string;
}

/** Why a file, or a part of it, can't come in. */
export type FileProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'binary' }
  | { readonly code: 'too-large'; readonly bytes: number; readonly most: number }
  | { readonly code: 'too-many'; readonly most: number }
  /** Looks like JSON, and is none from there on. */
  | { readonly code: 'broken-json'; readonly detail: string }
  | { readonly code: 'too-deep'; readonly most: number }
  | { readonly code: 'no-recipe'; readonly format: RecipeFormat }
  /** A recipe of the file that has no ingredients and no steps. */
  | { readonly code: 'nothing-in-it'; readonly title: string }
  | { readonly code: 'too-long'; readonly title: string; readonly most: number }
  | { readonly code: 'a-backup' }
  | { readonly code: 'bad-table'; readonly row: number | null; readonly detail: string };

/** What a file of recipes can be. */
export const RECIPE_FORMATS = ['json-ld', 'html', 'csv', 'markdown', 'text'] as const;
/** One of `RECIPE_FORMATS`. */
export type RecipeFormat = (typeof RECIPE_FORMATS)[number];

/** The recipes of a file, and what is wrong with the rest; the format is null where none was recognised. */
export interface FileReading {
  readonly format: RecipeFormat | null;
  readonly recipes: readonly RecipeFile[];
  readonly problems: readonly FileProblem[];
}

/** A file with more bytes than this is not read. */
export const LARGEST_FILE_BYTES = 10 * 1024 * 1024;
/** More recipes than this do not come in at once. */
export const MOST_RECIPES = 5000;
/** A recipe with more characters than this is not one. */
export const LONGEST_RECIPE = 240_000;
