import type { PanKind, TesterFind } from '../../baking/steps/index.js';
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
  | { readonly do: 'stage'; readonly stage: BakeStage }
  /** A step of the recipe, done or not after all. */
  | { readonly do: 'step'; readonly step: string; readonly isDone: boolean }
  /** The oven as it is set: what is wanted and what its dial says. */
  | ({ readonly do: 'heat' } & OvenSet)
  /** A tray goes into the oven, comes out, or is turned out of its pan. Trays count from 1. */
  | { readonly do: 'tray'; readonly tray: number; readonly to: TrayPlace }
  /** How long a tray really was in the oven, where the taps are not to be believed. */
  | { readonly do: 'tray-minutes'; readonly tray: number; readonly minutes: number }
  /** What the tester found. */
  | { readonly do: 'look'; readonly tray: number; readonly found: TesterFind }
  /** When it is to be ready, and steps that take another time than the recipe says. */
  | {
      readonly do: 'ready-by';
      readonly readyAt: string | null;
      readonly minutes: Readonly<Record<string, number>>;
    }
  /** How it turned out. */
  | ({ readonly do: 'result' } & BakeResult)
  /** Its weights are kept as good, or no longer. */
  | { readonly do: 'good'; readonly isGood: boolean }
  | { readonly do: 'photo'; readonly photo: string; readonly isKept: boolean }
  /** What its baker remembers, where the record is silent. */
  | { readonly do: 'answer'; readonly question: string; readonly answer: RememberedAs }
  /** Whether what was tried helped. */
  | { readonly do: 'judge'; readonly verdict: TryVerdict }
  /** Takes back what was done with this reading; of an undoing, does it again. */
  | { readonly do: 'undo'; readonly reading: string };

/** Where a tray is on its way. */
export const TRAY_PLACES = ['oven', 'pan', 'rack'] as const;
/** One of `TRAY_PLACES`: in the oven; out, still in its pan; turned out. */
export type TrayPlace = (typeof TRAY_PLACES)[number];

/** What was tried beside the bake before it. */
export const TRY_VERDICTS = ['better', 'same', 'worse'] as const;
/** One of `TRY_VERDICTS`. */
export type TryVerdict = (typeof TRY_VERDICTS)[number];

/** What a question about a bake can be answered with. */
export const REMEMBERED_AS = ['yes', 'no', 'unknown'] as const;
/** One of `REMEMBERED_AS`. */
export type RememberedAs = (typeof REMEMBERED_AS)[number];

/** How an oven was set for a bake, in degrees Celsius. */
export interface OvenSet {
  /** By name; null for one that the kitchen does not list. */
  readonly oven: string | null;
  readonly isFan: boolean;
  readonly wantedCelsius: number;
  readonly dialCelsius: number;
  readonly rack: Rack;
  readonly pan: PanKind;
  readonly trays: number;
}

/** Where in the oven. */
export const RACKS = ['upper', 'middle', 'lower'] as const;
/** One of `RACKS`. */
export type Rack = (typeof RACKS)[number];

/** How a bake turned out, as its baker says. */
export interface BakeResult {
  /** One to five; null where it was not rated. */
  readonly rating: number | null;
  readonly symptoms: readonly string[];
  readonly note: string;
  /** The batch was thrown away. */
  readonly isWasted: boolean;
}

/** Where a bake is on its way. */
export const STAGES = ['bench', 'oven', 'log'] as const;
/** One of `STAGES`: a bake goes through them in this order and stays one thing. */
export type BakeStage = (typeof STAGES)[number];

/** Something that was done at the bench. It is kept as it is; what is wrong is taken back by another. */
export interface BakeReading {
  /** Made by whoever did it, so that sent twice it is still one. */
  readonly id: string;
  /** When it was done: ISO 8601 in UTC. */
  readonly at: string;
  /**
   * What decides between two acts: milliseconds since 1970 that never run backwards within a bake,
   * whatever clocks do. One without it goes by its moment.
   */
  readonly order?: number;
  /** Which device it was done at. */
  readonly device: string;
  /** Whose hand did it; null for nobody in particular. */
  readonly handId: string | null;
  readonly act: Act;
}
