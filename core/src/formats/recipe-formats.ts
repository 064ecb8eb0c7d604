import type { Shelf } from '../catalogue/index.js';
import { readJsonLd } from './json-ld-read.js';
import { writeJsonLd } from './json-ld-write.js';
import { isOwnMarkdown, readMarkdown, writeMarkdown } from './markdown.js';
import { readPage } from './page.js';
import { readPlainText, writePlainText } from './plain-text.js';
import { isRecipeTable, readRecipeCsv, writeRecipeCsv } from './recipe-csv.js';
import {
  RECIPE_FORMATS,
  type FileReading,
  type RecipeFile,
  type RecipeFormat,
  type RecipeWords,
} from './recipe-file.js';

/** All that is known of a format of recipes: how it is recognised, read and written. */
export interface FormatRecord {
  /** How the names of its files end, the usual one first. */
  readonly endings: readonly string[];
  /** Its media type, with the encoding where that is not told otherwise. */
  readonly mediaType: string;
  /** Whether a file is of it. Pages and documents show it; a table or Markdown may be told by its name. */
  readonly sniff: (file: SniffedFile) => boolean;
  readonly read: (content: string, words: RecipeWords, shelf: Shelf) => Omit<FileReading, 'format'>;
  /** Null where recipes only come in so. */
  readonly write:
    ((recipes: readonly RecipeFile[], shelf: Shelf, words: RecipeWords) => string) | null;
}

/** A file that may be of any format. */
interface SniffedFile {
  readonly content: string;
  /** Its first characters after white space. */
  readonly start: string;
  /** What follows the last dot of its name, in small letters. */
  readonly ending: string;
}

/** So much of a file is looked at to see what it is. */
const START = 2000;

/** The formats, in the order in which a file is held against them: the last takes what is left. */
export const FORMATS: Readonly<Record<RecipeFormat, FormatRecord>> = {
  'json-ld': {
    endings: ['json', 'jsonld'],
    mediaType: 'application/ld+json',
    sniff: ({ start }) => /^(?:\{\s*["}]|\[\s*[[{"\]])/.test(start),
    read: readJsonLd,
    write: writeJsonLd,
  },
  html: {
    endings: ['html', 'htm'],
    mediaType: 'text/html',
    sniff: ({ start, ending }) =>
      ending === 'html' ||
      ending === 'htm' ||
      /^<(?:!doctype|html|head|body|script|div|article|section|main)\b/i.test(start),
    read: readPage,
    write: null,
  },
  csv: {
    endings: ['csv'],
    mediaType: 'text/csv',
    sniff: ({ content, ending }) => isRecipeTable(content) || ending === 'csv',
    read: readRecipeCsv,
    write: writeRecipeCsv,
  },
  markdown: {
    endings: ['md', 'markdown'],
    mediaType: 'text/markdown',
    sniff: ({ content, ending }) =>
      isOwnMarkdown(content) || ending === 'md' || ending === 'markdown',
    read: (content) => ({ recipes: readMarkdown(content), problems: [] }),
    write: writeMarkdown,
  },
  text: {
    endings: ['txt'],
    mediaType: 'text/plain',
    sniff: () => true,
    read: (content) => ({ recipes: readPlainText(content), problems: [] }),
    write: writePlainText,
  },
};

/** What a file is: the first format that takes it for its own. */
export function formatOf(name: string, content: string): RecipeFormat {
  const file = {
    content,
    start: content.replace(/^\ufeff?\s+/, '').slice(0, START),
    ending: name.toLowerCase().split('.').at(-1)!,
  };
  return RECIPE_FORMATS.find((id) => FORMATS[id].sniff(file))!;
}
