import type { BakeMeasure, BakePlan, BenchRoute, Bowl } from './bake.js';

/** What can be done at the bench. Amounts are grams; a line goes by its id. */
export type Act =
  /** One fill; with its weight where it was made over a scale. */
  | {
      readonly do: 'fill';
      readonly line: string;
      readonly tool: string;
      readonly grams: number | null;
      readonly scale: string | null;
    }
  /** What the scale gave for this line in all; it takes the place of what was weighed before. */
  | {
      readonly do: 'weigh';
      readonly line: string;
      readonly route: BenchRoute;
      readonly grams: number;
      readonly scale: string;
    }
  /** It is in, though nothing more was counted or weighed: salt to taste, or enough of it. */
  | { readonly do: 'finish'; readonly line: string }
  /** It has to be done again from nothing. */
  | { readonly do: 'empty'; readonly line: string }
  | { readonly do: 'route'; readonly line: string; readonly route: BenchRoute }
  | { readonly do: 'arrange'; readonly bowls: readonly Bowl[] }
  /**
   * Too much of a line stays in, and the others follow it: `times` as much of everything, filled
   * by these measures. Lines that can't follow stay as they are.
   */
  | {
      readonly do: 'scale-rest';
      readonly line: string;
      readonly times: number;
      readonly measures: Readonly<Record<string, BakeMeasure>>;
      readonly stay: readonly string[];
    }
  /** Too much or too little of a line stays in as it is. */
  | { readonly do: 'leave'; readonly line: string }
  /** What is done this evening; nothing once the morning has come. */
  | { readonly do: 'tonight'; readonly lines: readonly string[]; readonly startAt: string | null }
  /** Covered and labelled, or uncovered again. */
  | { readonly do: 'cover'; readonly line: string; readonly isCovered: boolean }
  /** Found on the tray in the morning as the list has it. */
  | { readonly do: 'check'; readonly line: string }
  /** The new text of the recipe, for what is still to do. */
  | { readonly do: 'replan'; readonly plan: BakePlan; readonly revision: number }
  /** What the dough really weighs, in its bowl, container taken off. */
  | { readonly do: 'dough'; readonly grams: number }
  | { readonly do: 'divide'; readonly pieces: number | null; readonly gramsEach: number | null }
  | { readonly do: 'piece'; readonly grams: number; readonly scale: string | null }
  | { readonly do: 'stage'; readonly stage: Stage }
  /** Takes back what was done with this reading; of an undoing, does it again. */
  | { readonly do: 'undo'; readonly reading: string };

/** Where a bake is on its way. */
export const STAGES = ['bench', 'oven', 'log'] as const;
/** One of `STAGES`: a bake goes through them in this order and stays one thing. */
export type Stage = (typeof STAGES)[number];

/** Something that was done at the bench. It is kept as it is; what is wrong is taken back by another. */
export interface BakeReading {
  /** Made by whoever did it, so that sent twice it is still one. */
  readonly id: string;
  /** When it was done: ISO 8601 in UTC. */
  readonly at: string;
  /** Which device it was done at. */
  readonly device: string;
  /** Whose hand did it; null for nobody in particular. */
  readonly handId: string | null;
  readonly act: Act;
}
