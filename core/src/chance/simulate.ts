import {
  RATIO_PARTS,
  ROLE_OF_RATIO,
  toleranceOf,
  type RatioPart,
  type Strictness,
} from '../batch/index.js';
import type { ChanceLine } from './chance-line.js';
import { randomFrom, seedOf, type Random } from './random.js';
import { Tally, type Spread } from './tally.js';

/** Why a mass is not what it should be. */
export const CAUSES = ['tool', 'hand', 'fill', 'scale'] as const;
export type Cause = (typeof CAUSES)[number];

export interface ChanceOptions {
  readonly bakes: number;
  readonly seed: number;
  readonly strictness?: Strictness;
}

/** What came out of many bakes. Chances are shares, 0 to 1. */
export interface Chances {
  readonly bakes: number;
  /** Every ratio within what it forgives: a dough that is what was meant. */
  readonly good: number;
  /** What the ratios are set against. */
  readonly base: 'flour' | 'total';
  readonly lines: readonly (Spread & { readonly index: number; readonly within: number })[];
  readonly ratios: Readonly<Partial<Record<RatioPart, RatioChance>>>;
}

export interface RatioChance extends Spread {
  /** As it was meant, in percent of the base. */
  readonly written: number;
  readonly within: number;
  /** The share of its variance that each cause has; they add up to 1. */
  readonly causes: Readonly<Record<Cause, number>>;
  /** The share of its variance that each line has of its own, by its index, without what is shared. */
  readonly byLine: Readonly<Record<number, number>>;
}

/** A scale's own error, once a weighing: 0.1 % of what lies on it. An assumption. */
const SCALE_SPREAD = 0.001;
const ROOT_12 = Math.sqrt(12);

/** Something that is drawn once a bake: in units of its own standard deviation. */
interface Source {
  readonly cause: Cause;
  /** The line it belongs to; null for what lines share. */
  readonly line: number | null;
  readonly random: Random;
  readonly isEven: boolean;
}

/** How a line's mass follows from the sources, by their places. */
interface Compiled {
  readonly line: ChanceLine;
  readonly hand: number;
  readonly fills: readonly {
    readonly grams: number;
    readonly tool: number;
    readonly toolSpread: number;
    readonly fill: number;
    readonly spread: number;
  }[];
  readonly grid: number;
  readonly scale: number;
}

/**
 * A generator for each source, started by its name: another route for one line leaves the luck of
 * all the others as it was, so that two variants differ by what was changed alone.
 */
function compile(
  lines: readonly ChanceLine[],
  seed: number,
): { compiled: Compiled[]; sources: Source[] } {
  const sources: Source[] = [];
  const places = new Map<string, number>();
  const place = (cause: Cause, line: number | null, name: string, isEven = false): number => {
    const key = `${cause} ${name}`;
    const known = places.get(key);
    if (known !== undefined) return known;
    const random = randomFrom((seed ^ seedOf(key)) | 0);
    places.set(key, sources.length);
    return sources.push({ cause, line, random, isEven }) - 1;
  };
  const compiled = lines.map((line): Compiled => {
    const name = String(line.index);
    if (line.route === 'weigh') {
      const grid = place('scale', line.index, `grid ${name}`, true);
      return { line, hand: -1, fills: [], grid, scale: place('scale', line.index, name) };
    }
    const hand = line.hand === null ? -1 : place('hand', null, line.hand);
    const fills = line.fills.map((fill, at) => ({
      grams: fill.count * fill.grams,
      tool: fill.tool === null ? -1 : place('tool', null, fill.tool),
      toolSpread: fill.toolSpread,
      fill: place('fill', line.index, `${name} ${at}`),
      // The mean of so many independent fills: only this part shrinks with their number.
      spread: fill.spread / Math.sqrt(Math.max(1, fill.count)),
    }));
    return { line, hand, fills, grid: -1, scale: -1 };
  });
  return { compiled, sources };
}

function massOf({ line, hand, fills, grid, scale }: Compiled, drawn: Float64Array): number {
  if (grid >= 0) {
    const step = (line.gridGrams / ROOT_12) * drawn[grid]!;
    return Math.max(0, line.weighedGrams * (1 + SCALE_SPREAD * drawn[scale]!) + step);
  }
  const handTimes = hand < 0 ? 1 : 1 + line.handSpread * drawn[hand]!;
  let grams = 0;
  for (const { grams: planned, tool, toolSpread, fill, spread } of fills) {
    const toolTimes = tool < 0 ? 1 : 1 + toolSpread * drawn[tool]!;
    grams += planned * Math.max(0, toolTimes * handTimes * (1 + spread * drawn[fill]!));
  }
  return grams;
}

/** What each line adds to the ratios, looked up once, since it is added with every bake. */
interface Shares {
  /** Place of its part among the ratios, or -1. */
  readonly part: Int8Array;
  readonly water: Float64Array;
  /** 1 where the line counts for the base. */
  readonly base: Float64Array;
}

function sharesOf(lines: readonly ChanceLine[], hasFlour: boolean): Shares {
  return {
    part: Int8Array.from(lines, ({ role }) => RATIO_PARTS.findIndex((part) => part === role)),
    water: Float64Array.from(lines, ({ waterPercent }) => waterPercent / 100),
    base: Float64Array.from(lines, ({ role }) => (!hasFlour || role === 'flour' ? 1 : 0)),
  };
}

/** The ratios of a dough of these masses, in percent of its base. */
function ratiosInto(into: Float64Array, masses: Float64Array, shares: Shares): void {
  into.fill(0);
  let base = 0;
  for (let at = 0; at < masses.length; at++) {
    const grams = masses[at]!;
    base += grams * shares.base[at]!;
    into[0]! += grams * shares.water[at]!;
    const part = shares.part[at]!;
    if (part >= 0) into[part]! += grams;
  }
  for (let part = 0; part < into.length; part++) {
    into[part] = base > 0 ? (100 * into[part]!) / base : 0;
  }
}

/**
 * Bakes a recipe many times over by the error model: the mass of a fill is density × volume ×
 * (1 + tool bias) × (1 + hand bias) × (1 + fill error), biases drawn once a bake and shared by all
 * fills of that tool or hand, the fill error once a fill; on a scale the grid and the scale's own
 * error, once a weighing. The same seed gives the same figures everywhere. Memory does not grow
 * with the number of bakes. Causes are first-order: the square of how a ratio follows each source.
 */
export function simulate(lines: readonly ChanceLine[], options: ChanceOptions): Chances {
  const { bakes, seed, strictness } = options;
  const { compiled, sources } = compile(lines, seed);
  const hasFlour = lines.some(({ role, intendedGrams }) => role === 'flour' && intendedGrams > 0);
  const masses = Float64Array.from(lines, ({ intendedGrams }) => intendedGrams);
  const written = new Float64Array(RATIO_PARTS.length);
  const shares = sharesOf(lines, hasFlour);
  ratiosInto(written, masses, shares);
  const parts = RATIO_PARTS.map((_, at) => at).filter((at) => written[at]! > 0);
  const tallies = lines.map(({ tolerance }) => new Tally(tolerance));
  const ratioTallies = RATIO_PARTS.map(
    (part) => new Tally(toleranceOf(ROLE_OF_RATIO[part], strictness)),
  );
  const drawn = new Float64Array(sources.length);
  const ratios = new Float64Array(RATIO_PARTS.length);
  const follows = new Float64Array(sources.length * RATIO_PARTS.length);
  let good = 0;
  for (let bake = 0; bake < bakes; bake++) {
    for (let at = 0; at < sources.length; at++) {
      const { random, isEven } = sources[at]!;
      drawn[at] = isEven ? (random.uniform() - 0.5) * ROOT_12 : random.normal();
    }
    for (let at = 0; at < compiled.length; at++) {
      masses[at] = massOf(compiled[at]!, drawn);
      const { intendedGrams } = lines[at]!;
      tallies[at]!.add(intendedGrams > 0 ? masses[at]! / intendedGrams - 1 : 0);
    }
    ratiosInto(ratios, masses, shares);
    let isGood = true;
    for (const part of parts) {
      const off = ratios[part]! / written[part]! - 1;
      if (!ratioTallies[part]!.add(off)) isGood = false;
      const row = part * sources.length;
      for (let at = 0; at < sources.length; at++) follows[row + at]! += off * drawn[at]!;
    }
    if (isGood) good++;
  }
  const ratioOf = (part: number): RatioChance => {
    const row = part * sources.length;
    const causes = { tool: 0, hand: 0, fill: 0, scale: 0 };
    const byLine: Record<number, number> = {};
    const squares = sources.map((_, at) => (follows[row + at]! / bakes) ** 2);
    const all = squares.reduce((sum, square) => sum + square, 0) || 1;
    sources.forEach(({ cause, line }, at) => {
      const share = squares[at]! / all;
      causes[cause] += share;
      if (line !== null) byLine[line] = (byLine[line] ?? 0) + share;
    });
    const tally = ratioTallies[part]!;
    return { written: written[part]!, within: tally.within, ...tally.spread(), causes, byLine };
  };
  return {
    bakes,
    good: bakes > 0 ? good / bakes : 0,
    base: hasFlour ? 'flour' : 'total',
    lines: lines.map(({ index }, at) => ({
      index,
      within: tallies[at]!.within,
      ...tallies[at]!.spread(),
    })),
    ratios: Object.fromEntries(parts.map((part) => [RATIO_PARTS[part]!, ratioOf(part)])),
  };
}
