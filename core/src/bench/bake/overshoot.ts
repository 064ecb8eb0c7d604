import { isWithin, onScaleGrid, type GridWeight } from '../../fills/index.js';
import type { ScaleDescription } from '../../drawer/index.js';
import type { BakeLine, BakeMeasure } from './bake.js';
import { inSpoons, type SpoonAmount } from '../live/index.js';
import { gridShare, nearFor, type LineState } from './line-state.js';
import type { BakeState } from './state.js';

/** A line of a batch that grows, with what that means for it. */
export interface ScaledLine {
  readonly line: BakeLine;
  /** Nothing of it is in yet; it needs more; or it stays as it is. */
  readonly how: 'to-come' | 'top-up' | 'stays';
  readonly wantedGrams: number;
  /** As the scale shows it. */
  readonly weight: GridWeight;
  /** What is still to go in, in grams: all of it, or what is missing. */
  readonly moreGrams: number;
  /** For what stays: how far below its ratio it is then, relative; 0 for what follows. */
  readonly short: number;
  /** Whether the bake forgives that. */
  readonly isForgiven: boolean;
}

/** Too much of an ingredient, and what can be done about it, with the figures of each. */
export interface Overshoot {
  readonly overGrams: number;
  /** The same in spoons of this ingredient; null where that is not known. */
  readonly overSpoons: SpoonAmount | null;
  /** Relative to what was wanted. */
  readonly over: number;
  /** Whether the bake forgives it as it is. */
  readonly isForgiven: boolean;
  /** Its own container gives some back; a shared bowl does not. */
  readonly canTakeOut: boolean;
  /** How many times everything else is wanted, so that every ratio is kept. */
  readonly times: number;
  readonly rest: readonly ScaledLine[];
}

/** The only routes where it can be taken out again: nothing else is in with it. */
const OWN_CONTAINER = ['fill', 'container', 'beam'];

/** Whole eggs and pieces that were counted are not topped up: nobody adds a tenth of an egg. */
const canFollow = ({ line, weighedGrams }: LineState): boolean =>
  weighedGrams !== null ||
  !line.measure?.fills.every(({ kind }) => kind === 'egg' || kind === 'piece');

/**
 * What too much of a line means and what can be done: take it out of its own container, leave it,
 * or scale the rest up by as much, so that every ratio is kept to within the grid of its scale.
 * Null where no more is in than is wanted.
 */
export function overshootOf(
  state: BakeState,
  id: string,
  grams: number,
  scales: readonly ScaleDescription[],
): Overshoot | null {
  const of = state.lines.find(({ line }) => line.id === id);
  if (!of || of.wantedGrams === null || of.wantedGrams <= 0) return null;
  const times = grams / of.wantedGrams;
  if (times <= 1) return null;
  const over = times - 1;
  const { forgiven, gramsPerTeaspoon } = of.line;
  const overGrams = grams - of.wantedGrams;
  return {
    overGrams,
    overSpoons: gramsPerTeaspoon === null ? null : inSpoons(overGrams, gramsPerTeaspoon),
    over,
    isForgiven: forgiven !== null && isWithin(over, forgiven),
    canTakeOut: OWN_CONTAINER.includes(of.route),
    times,
    rest: state.lines
      .filter(({ line }) => line.id !== id)
      .flatMap((one) => scaledLine(one, times, scales)),
  };
}

function scaledLine(
  one: LineState,
  times: number,
  scales: readonly ScaleDescription[],
): readonly ScaledLine[] {
  const { line, grams, fullness } = one;
  if (one.wantedGrams === null || one.wantedGrams <= 0) return [];
  const wantedGrams = one.wantedGrams * times;
  const scaled = {
    line,
    wantedGrams,
    weight: onScaleGrid(wantedGrams, scales, 'g', line.tolerance ?? undefined),
  };
  if (fullness !== 'full') {
    const moreGrams = Math.max(0, wantedGrams - (grams ?? 0));
    return [{ ...scaled, how: 'to-come', moreGrams, short: 0, isForgiven: true }];
  }
  const missing = wantedGrams - (grams ?? one.wantedGrams);
  const near = one.weighedGrams === null ? nearFor : gridShare;
  const isNear = isWithin(missing / wantedGrams, near(line, wantedGrams));
  if (!isNear && missing > 0 && canFollow(one)) {
    return [{ ...scaled, how: 'top-up', moreGrams: missing, short: 0, isForgiven: true }];
  }
  const short = missing / wantedGrams;
  const isForgiven = isNear || (line.forgiven !== null && isWithin(short, line.forgiven));
  return [{ ...scaled, how: 'stays', moreGrams: 0, short, isForgiven }];
}

/**
 * How to fill what is still to come once everything is wanted `times` as much, by line id: also of
 * what is weighed, whose label says it. What was filled already stays in; `measureFor` plans the rest.
 */
export function scaledMeasures(
  state: BakeState,
  overshoot: Overshoot,
  measureFor: (line: BakeLine, grams: number) => BakeMeasure | null,
): Readonly<Record<string, BakeMeasure>> {
  const measures: Record<string, BakeMeasure> = {};
  for (const { line, how, moreGrams, wantedGrams } of overshoot.rest) {
    const now = state.lines.find((one) => one.line.id === line.id)!;
    if (how === 'stays') continue;
    const isFilled = now.route === 'fill';
    const more = measureFor(line, isFilled ? moreGrams : wantedGrams);
    if (more) measures[line.id] = isFilled ? together(now, more) : more;
  }
  return measures;
}

/** The fills that were made with those that are still to come. */
function together({ fills: made, measure, grams }: LineState, more: BakeMeasure): BakeMeasure {
  if (made.length === 0 || !measure) return more;
  const known = [...measure.fills, ...more.fills];
  const tools = [...new Set(known.map(({ tool }) => tool))];
  const fills = tools.flatMap((tool) => {
    const inAll =
      made.filter((fill) => fill.tool === tool).length +
      (more.fills.find((fill) => fill.tool === tool)?.count ?? 0);
    return inAll > 0 ? [{ ...known.find((fill) => fill.tool === tool)!, count: inAll }] : [];
  });
  return { ...more, fills, grams: (grams ?? 0) + more.grams };
}
