import { AMERICAN_BOOKS } from './american-books.js';
import { AUSTRALIAN } from './australian.js';
import { BRITISH } from './british.js';
import { corpusLines, type CorpusLine } from './corpus-line.js';
import { MODERN_BLOGS } from './modern-blogs.js';
import { OLD_COOKBOOKS } from './old-cookbooks.js';
import { STRUCTURE } from './structure.js';
import { UNSORTED } from './unsorted.js';

export { FIELDS, readInRecipe, wrongFields, type CorpusLine, type Field } from './corpus-line.js';

/** Recipe lines by the manner they are written in, each with what is to be read from it. */
export const CORPUS: Readonly<Record<string, readonly CorpusLine[]>> = {
  'modern blogs': corpusLines(MODERN_BLOGS),
  'old cookbooks': corpusLines(OLD_COOKBOOKS),
  'British books': corpusLines(BRITISH),
  'Australian books': corpusLines(AUSTRALIAN),
  'American books': corpusLines(AMERICAN_BOOKS),
  'lines of all sorts': corpusLines(UNSORTED),
  'headings, yields, steps': corpusLines(STRUCTURE),
};
