import { forgivenOf } from '../baking/index.js';
import type { RatioPart } from '../batch/index.js';
import { AuthorDraws } from './author-draws.js';
import { BLOCK, Bakes } from './bakes.js';
import type { ChanceLine } from './chance-line.js';
import { RatioColumns } from './ratio-columns.js';
import { forgivenIn, type ChanceOptions } from './options.js';
import type { SpreadCause } from './sources.js';
import { Tally, type Spread } from './tally.js';

/** A distribution, and the share of it, 0 to 1, that is within what is forgiven. */
export interface ChanceOutcome extends Spread {
  readonly within: number;
}

/** The share of a variance that each cause and each line has; causes add up to 1. */
export interface CausedOutcome extends ChanceOutcome {
  readonly causes: Readonly<Record<SpreadCause, number>>;
  /** What each line has of its own, by its index, without what is shared. */
  readonly byLine: Readonly<Record<number, number>>;
}

/** What came out of many bakes. Chances are shares, 0 to 1. */
export interface Chances {
  readonly bakes: number;
  /** The same again: every ratio within what the bake forgives around what is meant. */
  readonly good: number;
  /** As the author baked it: the same around what the author's own amounts may have weighed. */
  readonly asAuthored: number;
  /** Every single line within what it forgives. */
  readonly everyLine: number;
  /** What the ratios are set against. */
  readonly base: 'flour' | 'total';
  /** The base itself, and its mass as it was meant, in grams. */
  readonly baseMass: CausedOutcome & { readonly grams: number };
  readonly lines: readonly (ChanceOutcome & { readonly index: number })[];
  /** As they were meant in percent of the base, and how they come out. */
  readonly ratios: Readonly<
    Partial<Record<RatioPart, CausedOutcome & { readonly intended: number }>>
  >;
}

/** Shares of causes are known to a percent after so many bakes; further ones go without. */
const ATTRIBUTED = 40 * BLOCK;

/** What part of a variance each source has: first-order, by the mean of its product with each. */
class CauseShares {
  private readonly sums: Float64Array;

  constructor(private readonly of: Bakes) {
    this.sums = new Float64Array(of.sources.length);
  }

  add(deviations: Float64Array, count: number): void {
    for (const [source, draws] of this.of.draws.entries()) {
      let sum = 0;
      for (let at = 0; at < count; at++) sum += deviations[at]! * draws[at]!;
      this.sums[source]! += sum;
    }
  }

  shares(): Pick<CausedOutcome, 'causes' | 'byLine'> {
    const causes = { tool: 0, hand: 0, fill: 0, reading: 0, scale: 0 };
    const byLine: Record<number, number> = {};
    const all = this.sums.reduce((total, sum) => total + sum * sum, 0) || 1;
    for (const [source, { cause, line }] of this.of.sources.entries()) {
      const share = this.sums[source]! ** 2 / all;
      causes[cause] += share;
      if (line !== null) byLine[line] = (byLine[line] ?? 0) + share;
    }
    return { causes, byLine };
  }
}

/** A deviation that is counted, and by what it is caused. */
interface Watched {
  readonly tally: Tally;
  readonly shares: CauseShares;
}

const outcome = (tally: Tally): ChanceOutcome => ({ within: tally.within, ...tally.spread() });

const caused = ({ tally, shares }: Watched): CausedOutcome => ({
  ...outcome(tally),
  ...shares.shares(),
});

/** Relative deviations of a column from what was meant, into an array. */
function deviate(into: Float64Array, column: Float64Array, meant: number, count: number): void {
  for (let at = 0; at < count; at++) into[at] = meant > 0 ? column[at]! / meant - 1 : 0;
}

/**
 * Bakes a recipe many times over, as often as is asked, and says at any time what has come out so
 * far. The same seed gives the same figures everywhere, however the bakes are portioned in whole
 * blocks. Memory does not grow with the number of bakes.
 */
export class Simulation {
  private readonly bakes: Bakes;
  private readonly columns: RatioColumns;
  private readonly tallies: readonly Tally[];
  private readonly baseMass: Watched;
  private readonly ratios: readonly Watched[];
  /** By part, in percent of the base. */
  private readonly intended: readonly number[];
  private readonly authored: AuthorDraws;
  /** What is forgiven, by part. */
  private readonly limits: readonly number[];
  private readonly off = new Float64Array(BLOCK);
  private readonly isGood = new Uint8Array(BLOCK);
  private readonly isEveryLine = new Uint8Array(BLOCK);
  private done = 0;
  private good = 0;
  private everyLine = 0;
  private asAuthored = 0;

  constructor(
    private readonly lines: readonly ChanceLine[],
    options: Omit<ChanceOptions, 'bakes'>,
  ) {
    this.bakes = new Bakes(lines, options.seed);
    this.authored = new AuthorDraws(lines, options.seed);
    this.columns = new RatioColumns(lines);
    this.tallies = lines.map(({ forgiven }) => new Tally(forgiven));
    const forgives = forgivenIn(options);
    const watch = (forgiven: number): Watched => ({
      tally: new Tally(forgiven),
      shares: new CauseShares(this.bakes),
    });
    this.baseMass = watch(forgivenOf('flour', forgives));
    const { parts, meant } = this.columns;
    this.ratios = parts.map((part) => watch(forgives[part]));
    this.limits = parts.map((part) => forgives[part]);
    this.intended = parts.map((_, at) => (100 * meant[at + 1]!) / meant[0]!);
  }

  /** Bakes that many more. */
  bake(bakes: number): void {
    for (let left = bakes; left > 0; left -= BLOCK) this.block(Math.min(left, BLOCK));
  }

  /** What has come out so far. */
  chances(): Chances {
    const { columns, done } = this;
    return {
      bakes: done,
      good: done > 0 ? this.good / done : 0,
      asAuthored: done > 0 ? this.asAuthored / done : 0,
      everyLine: done > 0 ? this.everyLine / done : 0,
      base: columns.base,
      baseMass: { grams: columns.meant[0]!, ...caused(this.baseMass) },
      lines: this.lines.map(({ index }, at) => ({ index, ...outcome(this.tallies[at]!) })),
      ratios: Object.fromEntries(
        columns.parts.map((part, at) => [
          part,
          { intended: this.intended[at]!, ...caused(this.ratios[at]!) },
        ]),
      ),
    };
  }

  private block(count: number): void {
    const { bakes, columns, off, isGood, isEveryLine } = this;
    isGood.fill(1);
    isEveryLine.fill(1);
    bakes.bake(count);
    for (const [at, { intendedGrams }] of this.lines.entries()) {
      deviate(off, bakes.masses[at]!, intendedGrams, count);
      this.tallies[at]!.add(off, count, isEveryLine);
    }
    columns.take(bakes.masses, count);
    const watch = ({ tally, shares }: Watched, good?: Uint8Array): void => {
      tally.add(off, count, good);
      if (this.done < ATTRIBUTED) shares.add(off, count);
    };
    const [base, ...parts] = columns.sums as [Float64Array, ...Float64Array[]];
    deviate(off, base, columns.meant[0]!, count);
    // The base has no say in what is good: twice the dough is the same dough.
    watch(this.baseMass);
    for (const [at, sums] of parts.entries()) {
      const meant = this.intended[at]! / 100;
      for (let bake = 0; bake < count; bake++) {
        off[bake] = base[bake]! > 0 ? sums[bake]! / (meant * base[bake]!) - 1 : -1;
      }
      watch(this.ratios[at]!, isGood);
    }
    for (let at = 0; at < count; at++) {
      this.good += isGood[at]!;
      this.everyLine += isEveryLine[at]!;
    }
    this.asAuthored += this.authored.agreeing(columns.sums, this.limits, count);
    this.done += count;
  }
}

/** That many bakes in one go. */
export function simulate(lines: readonly ChanceLine[], options: ChanceOptions): Chances {
  const simulation = new Simulation(lines, options);
  simulation.bake(options.bakes);
  return simulation.chances();
}
