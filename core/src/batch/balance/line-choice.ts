import type { Method } from '../../catalogue/index.js';

/** What a baker decided about one line of a recipe, beyond what it says itself. */
export interface LineChoice {
  /** Your method; the usual one where absent. */
  readonly method?: Method;
  /** A pinned weight, in grams at factor 1: stands before whatever was worked out. */
  readonly grams?: number;
  /** Another kind that takes its place, as `substitutesFor` offers it. */
  readonly instead?: KindChoice;
  /** The only tools to fill for this line, by name. */
  readonly tools?: readonly string[];
  /** Weighed, also where the rest is measured: its two columns can't drift apart. */
  readonly weighed?: boolean;
  /** Filled as near as the tools come, however many fills that takes. */
  readonly nearest?: boolean;
  /** Weighed stirred into flour, where no scale here resolves it by itself. */
  readonly premix?: boolean;
}

/** A kind of an ingredient: of eggs also their size. */
export interface KindChoice {
  readonly ingredientId: string;
  readonly form: string | null;
}
