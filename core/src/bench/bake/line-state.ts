import { isWithin } from '../../fills/index.js';
import type { BakeLine, BakeMeasure, BenchRoute } from './bake.js';
import { filledGrams, fillsLeft, type MadeFill } from './fills.js';

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
  /** It was done before the batch grew: the rest of it is to be topped up. */
  readonly isTopUp: boolean;
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
  // What was said to be in without being counted went in as it was wanted then.
  const meant = line.intendedGrams === null ? null : line.intendedGrams * done.times;
  const off = isFinished ? deviation(line, done, grams ?? meant, wantedGrams, timesNow) : null;
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
    isTopUp: isFinished && isShort,
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
  // Once the batch grew, what a scale can still add is added: near enough was for the first time.
  const near =
    weighedGrams !== null && times !== timesNow
      ? gridShare(line, wantedGrams)
      : nearFor(line, wantedGrams);
  return isWithin(over, near) ? null : over;
}

/** What stands on the label of a line: one mass in both figures, as far as they are known. */
export interface LabelAmounts {
  readonly grams: number | null;
  /** How it is, or is to be, filled: only where that weighs the same. */
  readonly measure: BakeMeasure | null;
}

/**
 * The amounts of a label: of what is in, once it is ready; else of what is to go in. Fills that were
 * not made, and a measure of another mass (planned before the batch grew), do not stand beside it.
 */
export function labelAmounts(state: LineState): LabelAmounts {
  const { line, route, fullness, fills, measure, wantedGrams } = state;
  const isReady = fullness === 'full';
  const isPlanned = route === 'fill' && !isReady && measure !== null;
  const grams = isReady ? state.grams : isPlanned ? measure.grams : wantedGrams;
  const isUnmade =
    isReady && fills.length > 0 && measure !== null && fillsLeft(measure.fills, fills).length > 0;
  if (!measure || isUnmade) return { grams, measure: null };
  if (grams === null) return { grams, measure: isReady ? null : measure };
  const isSame = isWithin(measure.grams / grams - 1, nearFor(line, grams));
  return { grams, measure: isSame ? measure : null };
}

/** What is near enough for a line, relative: its tolerance, and never less than a step of its scale. */
export const nearFor = (line: BakeLine, wantedGrams: number | null): number =>
  Math.max(line.tolerance ?? 0, gridShare(line, wantedGrams));

/** A step of the scale of a line, relative to what is wanted of it. */
export const gridShare = ({ weight }: BakeLine, wantedGrams: number | null): number =>
  weight && wantedGrams !== null && wantedGrams > 0 ? weight.grid / wantedGrams : 0;
