import type { LineChoice } from './line-choice.js';
import type { BakeKind } from '../../baking/index.js';
import type { BakingFacts } from '../../baking/steps/index.js';
import type { Strictness } from '../../fills/index.js';

/** Which of the two columns a baker goes by; no school is second class. */
export const COLUMNS = ['both', 'measure', 'weigh'] as const;
/** One of `COLUMNS`: what a baker goes by. */
export type Columns = (typeof COLUMNS)[number];

/** What a baker decided of a recipe's two columns, beside the batch and the methods. */
export interface Balance {
  readonly strictness: Strictness;
  /** The kind of bake; null where the guess is right. */
  readonly kind: BakeKind | null;
  readonly columns: Columns;
  /** By the index of the line in the reading. */
  readonly lines: Readonly<Record<string, LineChoice>>;
  /** What holds the batch: see `loadsFor`. */
  readonly bowlMillilitres: number | null;
  readonly piecesPerLoad: number | null;
  /** What was said of the baking where the text does not. */
  readonly baking: BakingFacts;
  /** What is tried at the next bake, after what went wrong the last time. */
  readonly trying: Trying | null;
  /** Whether it is made to keep, as its baker said; left out where nothing was said. */
  readonly forKeeping?: boolean | undefined;
}

/** Something that is done otherwise than the last time. */
export interface Trying {
  /** The bake that it follows from. */
  readonly bakeId: string;
  /** The cause that it is to mend. */
  readonly causeId: string;
  /** What to do otherwise, in words. */
  readonly note: string;
}

/** Nothing decided yet. */
export const USUAL_BALANCE: Balance = {
  strictness: 'normal',
  kind: null,
  columns: 'both',
  lines: {},
  bowlMillilitres: null,
  piecesPerLoad: null,
  baking: {},
  trying: null,
};
