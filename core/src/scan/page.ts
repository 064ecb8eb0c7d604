import type { Box } from './picture.js';

/** A word as it was recognised on a page, or as a document gives it. */
export interface PageWord {
  readonly text: string;
  readonly box: Box;
  /** How sure it is, from 0 to 1; a document is sure of all its words. */
  readonly confidence: number;
}

/** Words that stand in one line, from left to right. */
export interface PageLine {
  readonly words: readonly PageWord[];
  readonly box: Box;
  /** Whether more room is above it than between the lines of a paragraph. */
  readonly isApart: boolean;
}
