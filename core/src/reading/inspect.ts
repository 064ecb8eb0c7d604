import type { Shelf } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';
import { clean, type CleanLine } from './clean.js';
import { contextIn, findIngredient, type LineParts } from './line/index.js';
import { languageOf, translate, type Language } from './languages/index.js';
import type { Line } from './line.js';
import { readLine } from './read.js';
import { withoutSlips } from './scanned.js';

/** What each stage of reading made of one line, in the order in which they work. */
export interface Stages {
  readonly written: string;
  /** One blank between words, ASCII digits, no bullets or marks. */
  readonly clean: CleanLine;
  /** Null for English. */
  readonly language: Language['id'] | null;
  /** The clean line in English. */
  readonly english: CleanLine;
  /** Amount, unit and the phrase that names the ingredient; null where it is no ingredient. */
  readonly found: LineParts | null;
  /** The line as it is read in the end, with form, method and notes. */
  readonly line: Line;
}

/** Reads one line as `readLine` does, and shows what every stage made of it. */
export function inspectLine(
  written: string,
  standard: Standard = 'us-customary',
  shelf: Shelf,
): Stages {
  const plain = withoutSlips(clean(written));
  const language = languageOf(written, shelf);
  const english = language ? translate(plain, language, shelf) : plain;
  return {
    written,
    clean: plain,
    language: language?.id ?? null,
    english,
    found: findIngredient(english.text, contextIn(language, standard, shelf)),
    line: readLine(written, standard, shelf),
  };
}
