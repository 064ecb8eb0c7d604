import { AMERICAN_BLOGS } from './american-blogs.js';
import { OLD_AMERICAN_BOOKS } from './american-books.js';
import { AUSTRALIAN_COOKS } from './australian.js';
import { BRITISH_COOKS } from './british.js';
import { CANADIAN_COOKS } from './canadian.js';
import { FRENCH_COOKS } from './french.js';
import { GERMAN_COOKS } from './german.js';
import { HELD_OUT } from './held-out.js';
import { INDIAN_COOKS } from './indian.js';
import { readingsOf, type WrittenLine } from './written-line.js';
import { SCANNED_TEXT } from './scanned.js';

export { outcomeOf, readAsWritten, type ReadingOutcome, type WrittenLine } from './written-line.js';

/** Lines by who writes them, each with what it says: the amount, and of what. */
export const PEOPLE: Readonly<Record<string, readonly WrittenLine[]>> = {
  'American blogs': readingsOf(AMERICAN_BLOGS, 'us-customary'),
  'old American books': readingsOf(OLD_AMERICAN_BOOKS, 'us-customary'),
  British: readingsOf(BRITISH_COOKS, 'british'),
  Australian: readingsOf(AUSTRALIAN_COOKS, 'australian'),
  Canadian: readingsOf(CANADIAN_COOKS, 'us-customary'),
  'Indian English': readingsOf(INDIAN_COOKS, 'metric'),
  German: readingsOf(GERMAN_COOKS, 'metric'),
  French: readingsOf(FRENCH_COOKS, 'metric'),
  scanned: readingsOf(SCANNED_TEXT, 'us-customary'),
};

const STANDARDS = {
  British: 'british',
  Australian: 'australian',
  'Indian English': 'metric',
  German: 'metric',
  French: 'metric',
} as const;

/** The tenth that is only counted. */
export const KEPT_ASIDE: Readonly<Record<string, readonly WrittenLine[]>> = Object.fromEntries(
  Object.entries(HELD_OUT).map(([group, text]) => [
    group,
    readingsOf(text, STANDARDS[group as keyof typeof STANDARDS] ?? 'us-customary'),
  ]),
);
