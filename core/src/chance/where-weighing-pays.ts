import type { ChanceLine } from './chance-line.js';
import type { ChanceOptions } from './simulate.js';
import { TrialBakes } from './trial-bakes.js';

/** The fewest ingredients to weigh so that a bake comes out well often enough. */
export interface WhereWeighingPays {
  /** Ids of ingredients, in the order of the recipe. */
  readonly ingredients: readonly string[];
  /** Indexes of all their lines. */
  readonly weigh: readonly number[];
  readonly goodNow: number;
  readonly goodThen: number;
  /** Whether what was wanted is reached; with everything weighed it may still not be. */
  readonly isReached: boolean;
}

/** Sets and lessons are compared over so many bakes: a chance of 9 in 10 to within half of a hundredth. */
export const TRIAL_BAKES = 4000;

/** So many sets are tried; a kitchen recipe of fourteen ingredients has no more. */
const MOST_SETS = 2 ** 14;

/** Who would have to weigh more than this weighs everything. */
const MOST_WEIGHED = 12;

/** One more thing on the scale is worth it for a bake in a hundred. */
const WORTH = 0.01;

/** All ways to take `size` of `count` places, in order. */
function* choices(count: number, size: number, from = 0): Generator<readonly number[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let first = from; first <= count - size; first++) {
    for (const rest of choices(count, size - 1, first + 1)) yield [first, ...rest];
  }
}

/** n over k; stops growing once it is more than can be tried. */
function waysOf(count: number, size: number): number {
  let ways = 1;
  for (let taken = 1; taken <= size; taken++) {
    ways = (ways * (count - size + taken)) / taken;
    if (ways > MOST_SETS) return Infinity;
  }
  return ways;
}

interface Tried {
  readonly places: readonly number[];
  readonly good: number;
}

/** The best of these sets. */
function bestOf(sets: Iterable<readonly number[]>, bakes: TrialBakes): Tried {
  let best: Tried = { places: [], good: -1 };
  for (const places of sets) {
    const good = bakes.good(places);
    if (good > best.good) best = { places, good };
  }
  return best;
}

/**
 * The smallest set of ingredients to weigh, so that the chance of a good bake is at least
 * `wanted`; of several as small the one with the best chance. All sets are tried, the small ones
 * first; where there are too many of a size, one more is added to the best smaller set at a time.
 * Where it can't be reached, no more is weighed than helps. By common random numbers, so that sets differ by what is weighed alone.
 */
export function whereWeighingPays(
  lines: readonly ChanceLine[],
  wanted: number,
  options: ChanceOptions,
): WhereWeighingPays {
  const bakes = new TrialBakes(lines, options);
  const { open } = bakes;
  const goodNow = bakes.good([]);
  let best: Tried = { places: [], good: goodNow };
  let enough = best;
  let budget = MOST_SETS;
  const most = Math.min(open.length, MOST_WEIGHED);
  for (let size = 1; size <= most && best.good < wanted; size++) {
    const { places } = best;
    const ways = waysOf(open.length, size);
    const isExhaustive = ways <= budget;
    budget -= isExhaustive ? ways : 0;
    const oneMore = open.flatMap((_, place) =>
      places.includes(place) ? [] : [[...places, place]],
    );
    best = bestOf(isExhaustive ? choices(open.length, size) : oneMore, bakes);
    if (best.good >= wanted || best.good > enough.good + WORTH) enough = best;
  }
  const chosen = enough.places.map((place) => open[place]!);
  const ingredients = open.filter((id) => chosen.includes(id));
  return {
    ingredients,
    weigh: lines
      .filter(
        ({ route, ingredientId }) => route === 'measure' && ingredients.includes(ingredientId),
      )
      .map(({ index }) => index),
    goodNow,
    goodThen: enough.good,
    isReached: enough.good >= wanted,
  };
}
