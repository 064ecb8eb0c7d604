import type { Amount } from '../amount/index.js';
import type { Method } from '../catalogue/index.js';
import type { Heap } from '../measuring/index.js';
import type { Standard, Unit } from '../units/index.js';
import type { Language } from './languages/index.js';
import type { OtherReading, ReadingNote } from './note.js';
import type { Place } from './vocabulary/index.js';

/**
 * What a line is: only an ingredient is measured. A remark is said of the recipe or of the page that it
 * stands on; what is unread was not understood. Both are kept and count for nothing.
 */
export type LineKind = 'ingredient' | 'heading' | 'yield' | 'step' | 'remark' | 'unread';

/** A stretch of the written line and what was understood of it. */
export interface Span {
  readonly part: 'amount' | 'unit' | 'ingredient' | 'unknown' | 'preparation';
  /** Character offsets into the written line, end exclusive. */
  readonly start: number;
  readonly end: number;
}

/** Which of several ingredients of a written line one is. */
export interface PartOf {
  /** The line, exactly as written. */
  readonly whole: string;
  /** Counted from 0. */
  readonly index: number;
  readonly count: number;
  /** What was understood, where it stands in the whole line. */
  readonly marks: readonly Span[];
}

/**
 * One written line and what was read from it. A line that names several ingredients is read as one
 * of these for each, its parts, one after another.
 */
export interface Line {
  /** Exactly as written; of a part its own words, with those that it shares with the others. */
  readonly written: string;
  /** Absent for a line that is no more than itself. */
  readonly partOf?: PartOf;
  readonly kind: LineKind;
  readonly amount: Amount | null;
  readonly unit: Unit | null;
  /** How its measure is filled beyond its rim, or short of it; null where it is level. */
  readonly heap: Heap | null;
  readonly ingredientId: string | null;
  readonly form: string | null;
  /** How the author filled the measure; null where nothing was filled. */
  readonly authorMethod: Method | null;
  /** The weight the line itself gives, in grams, for the whole amount. */
  readonly stated: { readonly grams: number } | null;
  /** Where it goes that is not the dough: no ratio counts it. Absent for all that is mixed in. */
  readonly place?: Place;
  readonly notes: readonly ReadingNote[];
  readonly spans: readonly Span[];
  /** What the baker answered, and the line without it; absent while nothing was. */
  readonly answered?: Answered;
}

/** For what an answer goes: this line of this recipe, every recipe of its author, the kitchen. */
export type AnsweredBy = 'recipe' | 'author' | 'kitchen';

/** The answers that a line was read with. */
export interface Answered {
  readonly asRead: Line;
  readonly given: readonly {
    /** Null where the baker corrected the line as a whole. */
    readonly note: ReadingNote | null;
    readonly by: AnsweredBy;
    readonly reading: OtherReading;
  }[];
}

/** What a recipe makes, from its own words. */
export interface Yield {
  readonly written: string;
  readonly count: Amount | null;
  /** What is counted, as written: "buns"; empty when the text does not say. */
  readonly noun: string;
  /** English nouns take another form for one and for many. */
  readonly isEnglish: boolean;
}

/** A whole text, read. */
export interface Reading {
  readonly title: string | null;
  /** How many of the lines stand before the title in the text: remarks of the page. */
  readonly linesBeforeTitle: number;
  readonly yield: Yield | null;
  readonly standard: Standard;
  readonly language: 'english' | Language['id'];
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
    heap: null,
    ingredientId: null,
    form: null,
    authorMethod: null,
    stated: null,
    notes,
    spans: [],
  };
}
