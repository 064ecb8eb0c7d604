import type { ChanceLine } from './chance-line.js';
import type { ChanceOptions } from './options.js';
import { finished, forTrials, type Steps } from './steps.js';
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

/** Sets to try between two steps. */
const SETS_A_STEP = 32;

/** All sets are told apart by so many bakes; the best of them are then looked at more closely. */
const ROUGH_BAKES = 4000;
const LOOKED_AT = 8;

/** The best of these sets: roughly the best few, then exactly the best of those. */
function* bestOf(
  sets: Iterable<readonly number[]>,
  rough: TrialBakes,
  exact: TrialBakes,
): Steps<Tried> {
  let few: Tried[] = [];
  let tried = 0;
  for (const places of sets) {
    const good = rough.good(places);
    if (few.length < LOOKED_AT || good > few.at(-1)!.good) {
      few = [...few, { places, good }].sort((a, b) => b.good - a.good).slice(0, LOOKED_AT);
    }
    if (++tried % SETS_A_STEP === 0) yield;
  }
  return few
    .map(({ places }) => ({ places, good: exact.good(places) }))
    .reduce((best, one) => (one.good > best.good ? one : best));
}

/**
 * The smallest set of ingredients to weigh, so that the chance of a good bake is at least
 * `wanted`; of several as small the one with the best chance. All sets are tried, the small ones
 * first; where there are too many of a size, one more is added to the best smaller set at a time.
 * Where it can't be reached, no more is weighed than helps. By common random numbers, so that sets differ by what is weighed alone.
 */
export function* searchSteps(
  lines: readonly ChanceLine[],
  wanted: number,
  options: ChanceOptions,
): Steps<WhereWeighingPays> {
  const trials = forTrials(lines, options);
  const exact = new TrialBakes(lines, trials);
  const isLong = trials.bakes > ROUGH_BAKES;
  const rough = isLong ? new TrialBakes(lines, { ...trials, bakes: ROUGH_BAKES }) : exact;
  const { open } = exact;
  const goodNow = exact.good([]);
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
    best = yield* bestOf(isExhaustive ? choices(open.length, size) : oneMore, rough, exact);
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

/** `searchSteps` in one go. */
export const whereWeighingPays = (
  lines: readonly ChanceLine[],
  wanted: number,
  options: ChanceOptions,
): WhereWeighingPays => finished(searchSteps(lines, wanted, options));
