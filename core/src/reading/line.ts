import type { Amount } from '../amount/index.js';
import type { Method } from '../catalogue/index.js';
import type { Standard, Unit } from '../units/index.js';
import type { ReadingNote } from './note.js';

export type LineKind = 'ingredient' | 'heading' | 'yield' | 'step' | 'unread';

/** A stretch of the written line and what was understood of it. */
export interface Span {
  readonly part: 'amount' | 'unit' | 'ingredient' | 'preparation';
  /** Character offsets into the written line, end exclusive. */
  readonly start: number;
  readonly end: number;
}

/** One written line and what was read from it. */
export interface Line {
  /** Exactly as written. */
  readonly written: string;
  readonly kind: LineKind;
  readonly amount: Amount | null;
  readonly unit: Unit | null;
  /** How much fuller or emptier than level: 1.25 for "heaping", 1 otherwise. */
  readonly fullness: number;
  readonly ingredientId: string | null;
  readonly form: string | null;
  /** How the author filled the measure; null where nothing was filled. */
  readonly authorMethod: Method | null;
  /** The weight the line itself gives, in grams, for the whole amount. */
  readonly stated: { readonly grams: number } | null;
  readonly notes: readonly ReadingNote[];
  readonly spans: readonly Span[];
}

export interface Yield {
  readonly written: string;
  readonly count: Amount | null;
  /** What is counted, as written: "buns"; empty when the text does not say. */
  readonly noun: string;
}

/** A whole text, read. */
export interface Reading {
  readonly title: string | null;
  readonly yield: Yield | null;
  readonly standard: Standard;
  readonly lines: readonly Line[];
}

/** A line of which nothing but its kind is known. */
export function bareLine(
  written: string,
  kind: LineKind,
  notes: readonly ReadingNote[] = [],
): Line {
  return {
    written,
    kind,
    amount: null,
    unit: null,
    fullness: 1,
    ingredientId: null,
    form: null,
    authorMethod: null,
    stated: null,
    notes,
    spans: [],
  };
}
