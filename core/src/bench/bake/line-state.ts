import { isWithin } from '../../fills/index.js';
import type { BakeLine, BakeMeasure, BenchRoute } from './bake.js';
import { filledGrams, type MadeFill } from './fills.js';

/** A container on the tray: empty, started, or with everything in it. */
export type Fullness = 'empty' | 'half' | 'full';

/** One ingredient of a bake as it stands now. */
export interface LineState {
  readonly line: BakeLine;
  readonly route: BenchRoute;
  /** How to fill it now, after what was scaled on the way. */
  readonly measure: BakeMeasure | null;
  readonly fullness: Fullness;
  readonly isCovered: boolean;
  readonly isChecked: boolean;
  readonly isTonight: boolean;
  /** What is to go in, after what was scaled on the way. Unrounded; null where it is not known. */
  readonly wantedGrams: number | null;
  readonly fills: readonly MadeFill[];
  /** What the scale gave, in all; null where it was not weighed. */
  readonly weighedGrams: number | null;
  readonly scale: string | null;
  /** How it was weighed, whatever route is chosen now; null where it was not. */
  readonly weighedBy: BenchRoute | null;
  /** What went in, as far as it is known: weighed, or what such fills weigh. */
  readonly grams: number | null;
  /** How sure that is, as a relative standard deviation; 0 for what a scale gave. */
  readonly spread: number;
  /** Mass in over mass wanted, less one, where it is more than near enough; else null. */
  readonly off: number | null;
  /** It is off, and its baker leaves it so. */
  readonly isLeft: boolean;
  /** Who did it last, and when. */
  readonly handId: string | null;
  readonly doneAt: string | null;
  readonly device: string | null;
}

/** What was done at a line, as far as it still holds. */
export interface LineWork {
  route?: BenchRoute | undefined;
  measure?: BakeMeasure | undefined;
  fills: readonly MadeFill[];
  weighedGrams: number | null;
  scale: string | null;
  weighedBy: BenchRoute | null;
  isFinished: boolean;
  isLeft: boolean;
  isCovered: boolean;
  isChecked: boolean;
  /** How many times the plan its fills and weighings were meant to be. */
  times: number;
  handId: string | null;
  doneAt: string | null;
  device: string | null;
}

export const UNTOUCHED: LineWork = {
  fills: [],
  weighedGrams: null,
  scale: null,
  weighedBy: null,
  isFinished: false,
  isLeft: false,
  isCovered: false,
  isChecked: false,
  times: 1,
  handId: null,
  doneAt: null,
  device: null,
};

interface LineSetting {
  readonly timesNow: number;
  readonly isTonight: boolean;
}

/** How a line stands, by what was done at it, in a batch that is so many times the planned one now. */
export function lineState(
  line: BakeLine,
  done: LineWork,
  { timesNow, isTonight }: LineSetting,
): LineState {
  const { fills, weighedGrams, isFinished, isLeft } = done;
  const measure = done.measure ?? line.measure;
  const wantedGrams = line.intendedGrams === null ? null : line.intendedGrams * timesNow;
  const filled = fills.length > 0 ? filledGrams(measure, fills) : null;
  const grams = weighedGrams ?? filled?.grams ?? null;
  const off = isFinished ? deviation(line, done, grams, wantedGrams, timesNow) : null;
  // The batch grew after it was done: the rest of it is still to come.
  const isShort = off !== null && off < 0 && done.times !== timesNow && !isLeft;
  const isStarted = fills.length > 0 || weighedGrams !== null || isFinished;
  return {
    line,
    route: done.route ?? line.route,
    measure,
    fullness: isFinished && !isShort ? 'full' : isStarted ? 'half' : 'empty',
    isCovered: done.isCovered,
    isChecked: done.isChecked,
    isTonight,
    wantedGrams,
    fills,
    weighedGrams,
    scale: done.scale,
    weighedBy: done.weighedBy,
    grams,
    spread: weighedGrams === null ? (filled?.spread ?? 0) : 0,
    off,
    isLeft,
    handId: done.handId,
    doneAt: done.doneAt,
    device: done.device,
  };
}

/**
 * How far what went in is from what is wanted, relative, where that is more than near enough. The
 * plan's own fills are as near as the tools come: they are judged only once a scale said more, or
 * once the batch grew.
 */
function deviation(
  line: BakeLine,
  { weighedGrams, fills, times }: LineWork,
  grams: number | null,
  wantedGrams: number | null,
  timesNow: number,
): number | null {
  const isKnown = weighedGrams !== null || fills.some((fill) => fill.grams !== null);
  if (!isKnown && times === timesNow) return null;
  if (grams === null || wantedGrams === null || wantedGrams <= 0) return null;
  const over = grams / wantedGrams - 1;
  return isWithin(over, nearFor(line, wantedGrams)) ? null : over;
}

/** What is near enough for a line, relative: its tolerance, and never less than a step of its scale. */
export function nearFor({ tolerance, weight }: BakeLine, wantedGrams: number | null): number {
  const step = weight && wantedGrams !== null && wantedGrams > 0 ? weight.grid / wantedGrams : 0;
  return Math.max(tolerance ?? 0, step);
}
