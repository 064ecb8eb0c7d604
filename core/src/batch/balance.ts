import type { LineChoice } from './line-choice.js';
import type { BakeKind } from '../baking/index.js';
import type { Strictness } from '../fills/index.js';

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
}

/** Nothing decided yet. */
export const USUAL_BALANCE: Balance = {
  strictness: 'normal',
  kind: null,
  columns: 'both',
  lines: {},
  bowlMillilitres: null,
  piecesPerLoad: null,
};
