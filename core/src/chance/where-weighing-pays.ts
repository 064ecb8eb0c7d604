import type { ChanceLine } from './chance-line.js';
import { simulate, type ChanceOptions } from './simulate.js';

/** The few lines to weigh so that a bake comes out well often enough. */
export interface WhereWeighingPays {
  /** Indexes of lines, the one that helps most first. */
  readonly weigh: readonly number[];
  readonly goodNow: number;
  readonly goodThen: number;
  /** Whether what was wanted is reached; with everything weighed it may still not be. */
  readonly isReached: boolean;
}

/** Pairs are tried among so many of the lines that help most by themselves. */
const PAIRED = 6;

const weighed = (lines: readonly ChanceLine[], indexes: readonly number[]): ChanceLine[] =>
  lines.map((line) => (indexes.includes(line.index) ? { ...line, route: 'weigh' } : line));

/**
 * The smallest set of lines to weigh, so that the chance of a good bake is at least `wanted`: none,
 * one or two of those that help most, each tried; from there on one more at a time, the best each
 * time. With common random numbers, so that sets differ by what is weighed alone.
 */
export function whereWeighingPays(
  lines: readonly ChanceLine[],
  wanted: number,
  options: ChanceOptions,
): WhereWeighingPays {
  const good = (indexes: readonly number[]): number =>
    simulate(weighed(lines, indexes), options).good;
  const goodNow = good([]);
  const result = (weigh: readonly number[], goodThen: number): WhereWeighingPays => ({
    weigh,
    goodNow,
    goodThen,
    isReached: goodThen >= wanted,
  });
  if (goodNow >= wanted) return result([], goodNow);
  const open = lines.filter(({ route }) => route === 'measure').map(({ index }) => index);
  const best = (sets: readonly (readonly number[])[]): readonly [readonly number[], number] =>
    sets.reduce<readonly [readonly number[], number]>(
      (most, set) => {
        const then = good(set);
        return then > most[1] ? [set, then] : most;
      },
      [[], -1],
    );
  const singles = open.map((index) => [index, good([index])] as const).sort((a, b) => b[1] - a[1]);
  const [first] = singles;
  if (!first) return result([], goodNow);
  if (first[1] >= wanted) return result([first[0]], first[1]);
  const near = singles.slice(0, PAIRED).map(([index]) => index);
  const pairs = near.flatMap((one, at) => near.slice(at + 1).map((other) => [one, other]));
  let [set, then] = pairs.length > 0 ? best(pairs) : ([[first[0]], first[1]] as const);
  while (then < wanted && set.length < open.length) {
    const now = set;
    [set, then] = best(open.filter((index) => !now.includes(index)).map((one) => [...now, one]));
  }
  return result(set, then);
}
