import type { Ingredient, NameMatch, Shelf } from '../../catalogue/index.js';
import type { Standard } from '../../units/index.js';
import type { Quantity } from '../amounts/index.js';
import type { Language } from '../languages/index.js';
import type { NamePhrase } from './phrase.js';

type LanguageId = Language['id'];

/** What the words of a line say about one known ingredient. */
export interface Wording {
  readonly name: NameMatch;
  readonly ingredient: Ingredient;
  readonly quantity: Quantity | null;
  readonly stated: number | null;
  /** Comparable words before the name, and after it or in remarks. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly byFruit: boolean;
  readonly standard: Standard;
  /** Null for English. */
  readonly language: LanguageId | null;
}

/**
 * Where the words of one ingredient of a line stand, each stretch with its end exclusive: its own
 * words, and those that it shares with the other ingredients of the line.
 */
export type PartWords = readonly (readonly [start: number, end: number])[];

/** What a line says, before its consequences are worked out. */
export interface LineParts {
  readonly quantity: Quantity | null;
  readonly phrase: NamePhrase;
  /** Text that holds remarks, in brackets or after a comma. */
  readonly remarks: string;
  /** "juice of 1 lemon": measured by the fruit. */
  readonly byFruit: boolean;
}

/** What a line of this language is read with; null for English. */
export const contextIn = (
  language: Language | null,
  standard: Standard,
  shelf: Shelf,
): ReadingContext => ({
  standard,
  shelf,
  language: language?.id ?? null,
  listsKindBehind: language?.listsKindBehind ?? false,
  describesBehind: language?.describesBehind ?? false,
});

/** What a line is read with: the author's cups, and the ingredients that have a name. */
export interface ReadingContext {
  readonly standard: Standard;
  readonly shelf: Shelf;
  /** Null for English. */
  readonly language: LanguageId | null;
  /** What stands behind a comma says how it was bought, as the language has it. */
  readonly listsKindBehind: boolean;
  /** A word right behind the name says what English says before it. */
  readonly describesBehind: boolean;
}
