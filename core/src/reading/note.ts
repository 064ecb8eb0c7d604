import type { Method } from '../catalogue/index.js';
import type { Unit } from '../units/index.js';
import type { Place } from './vocabulary/index.js';

/**
 * Another way to read the line: what would be different. Conversion says what it would weigh.
 */
export interface OtherReading {
  readonly ingredientId?: string;
  readonly method?: Method;
  readonly form?: string | null;
  readonly unit?: Unit;
  /** Another amount than the written one, as exact fractions: its two ends. */
  readonly amount?: readonly [min: string, max: string];
  /** Another weight than the written one, in grams; null pays no attention to it. */
  readonly statedGrams?: number | null;
}

/**
 * What was assumed, doubted or left open in a line. Codes and figures only: the sentence
 * for people is made elsewhere.
 */
export type ReadingNote =
  /** The recipe does not say which kind, size or filling; this one is usual. */
  | { readonly code: 'assumed-kind'; readonly assumed: 'ingredient' | 'method' | 'size' }
  /** The name means different things to different authors. */
  | { readonly code: 'kind-ambiguous'; readonly others: readonly OtherReading[] }
  /** A word before the noun: done before measuring. */
  | { readonly code: 'order-before'; readonly word: string; readonly other: OtherReading }
  /** A word after the noun: done after measuring. */
  | { readonly code: 'order-after'; readonly word: string; readonly other: OtherReading | null }
  /** A bare "oz", read by what is usual for this ingredient. */
  | { readonly code: 'ounce-read-as'; readonly as: 'mass' | 'volume' }
  /** A bare "oz" of something that is sold both by weight and by volume. */
  | { readonly code: 'ounce-ambiguous'; readonly other: OtherReading }
  /** Volume and weight on the line contradict each other: one is a typing error. */
  | {
      readonly code: 'implausible-weight';
      readonly gramsPerCup: number;
      readonly lowest: number;
      readonly highest: number;
    }
  /** Two volumes on the line are not the same: "2 cups (250 ml)". The first is used. */
  | { readonly code: 'volumes-disagree'; readonly other: OtherReading }
  /** The amount is a convention: a pinch, a heap, the juice of one fruit. */
  | { readonly code: 'nominal-size'; readonly word: string; readonly household?: true }
  /** The recipe's standard has no unit of this name; another country's was used. */
  | { readonly code: 'borrowed-unit'; readonly unit: Unit }
  | { readonly code: 'no-amount' }
  | { readonly code: 'unknown-ingredient'; readonly words: string }
  /** A word of the name is read as another one that is a single letter away. */
  | { readonly code: 'spelling'; readonly written: string; readonly read: string }
  /** Not on the shelf: looked up behind it, under this name. */
  | { readonly code: 'from-table'; readonly food: string; readonly words: string }
  /** "butter or margarine": the first is used. */
  | { readonly code: 'alternative'; readonly words: string }
  /** "plus extra for dusting": not counted. */
  | { readonly code: 'extra'; readonly words: string }
  /** "2 tbsp butter for the pan": no part of the dough. */
  | { readonly code: 'place'; readonly place: Place }
  | { readonly code: 'optional' }
  /** The line looks like another language than English. */
  | { readonly code: 'other-language' };

/** What a note is about. */
export type NoteCode = ReadingNote['code'];
