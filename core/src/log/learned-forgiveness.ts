import {
  forgivenessOf,
  type BakeKind,
  type ForgivenPart,
  type Forgiveness,
} from '../baking/index.js';
import { RATIO_PARTS, type RatioPart } from '../batch/index.js';
import type { BakeOutcome } from './outcome.js';

/** How far a ratio may go here: where the bake begins to show it, with its doubt. All relative. */
export interface LearnedLimit {
  readonly part: RatioPart;
  /** As likely too small as too large. */
  readonly limit: number;
  /** Nine times of ten it lies between these. */
  readonly low: number;
  readonly high: number;
  /** What such bakes forgive by the table, from which this started. */
  readonly usual: number;
  /** Rated bakes in which a scale has told this ratio. */
  readonly bakes: number;
  /** Plans go by it: enough bakes were far enough off to say more than the table does. */
  readonly isUsed: boolean;
}

/** A bake as far as it says something of what is forgiven. */
export type JudgedBake = Pick<BakeOutcome, 'deviations' | 'rating' | 'isGood'>;

/** The table is an assumption: the truth is within two fifths of it, two times of three. */
const USUAL_SPREAD = 0.35;
/** Where the table is wrong it may be far off: so many degrees of freedom of Student's t. */
const TAILS = 2;
/** A recipe differs from its kind by this much. */
const RECIPE_SPREAD = 0.15;
/** How suddenly a bake shows it: the share of the limit over which the chance of "good" falls. */
const SOFTNESS = 0.12;
/** A bake may fail for other reasons, and be liked in spite of all. */
const GOOD_AT_BEST = 0.93;
const GOOD_AT_WORST = 0.04;
/** Limits that are tried, as times of the usual one: an eighth to eight times. */
const STEPS = 241;
const WIDEST = Math.log(8);
const ROUNDS = 4;
const TAIL = 0.05;
/** The ends of nine tenths are so many standard deviations from the middle. */
const TAIL_DEVIATIONS = 1.645;
/** Fewer bakes than these change no plan. */
const FEWEST_BAKES = 3;
/** Nor do bakes that leave nearly all of the doubt there was where it was: none of them was far off. */
const NARROWER = 0.85;
const MOVED = 0.5;

/** One to five as a share of good: three is half. */
const GOOD_BY_RATING: readonly number[] = [0, 0, 0.5, 1, 1];

function goodness({ isGood, rating }: JudgedBake): number | null {
  if (isGood) return 1;
  return rating === null ? null : (GOOD_BY_RATING[rating - 1] ?? null);
}

/**
 * The chance that a ratio which is off by so much does not spoil a bake that forgives `limit`: near
 * one well inside, one half at the limit, near nothing well beyond.
 */
const goodDespite = (deviation: number, limit: number): number =>
  1 / (1 + Math.exp((Math.abs(deviation) / limit - 1) / SOFTNESS));

/** Of a chance by its ratios alone: bakes fail for other reasons, and are liked in spite of all. */
const withLuck = (good: number): number => GOOD_AT_WORST + (GOOD_AT_BEST - GOOD_AT_WORST) * good;

/** The chance that a bake comes out with these deviations, by what it forgives. */
export const chanceOfGood = (
  deviations: JudgedBake['deviations'],
  limits: Readonly<Partial<Record<RatioPart, number>>>,
): number => withLuck(despiteAll(deviations, limits));

/** The chance that no ratio spoils a bake, as far as limits are given. */
function despiteAll(
  deviations: JudgedBake['deviations'],
  limits: Readonly<Partial<Record<RatioPart, number>>>,
): number {
  let good = 1;
  for (const part of RATIO_PARTS) {
    const [deviation, limit] = [deviations[part], limits[part]];
    if (deviation !== undefined && limit !== undefined) good *= goodDespite(deviation, limit);
  }
  return good;
}

interface Belief {
  readonly centre: number;
  readonly spread: number;
}

/**
 * How far each ratio may go, learned from how bakes turned out: a prior around `usual`
 * that is Student's t in the logarithm,
 * the likelihood of every rated bake by `chanceOfGood`, and the posterior on a grid of limits. Each
 * ratio is learned with the others at their present middle, some rounds, until they agree.
 */
function learnLimits(
  bakes: readonly JudgedBake[],
  prior: Readonly<Record<RatioPart, Belief>>,
  usual: Forgiveness,
): readonly LearnedLimit[] {
  const rated = bakes.flatMap((bake) => {
    const good = goodness(bake);
    return good === null ? [] : [{ deviations: bake.deviations, good }];
  });
  const parts = RATIO_PARTS.filter((part) =>
    rated.some(({ deviations }) => deviations[part] !== undefined),
  );
  const limits = Object.fromEntries(parts.map((part) => [part, prior[part].centre])) as Partial<
    Record<RatioPart, number>
  >;
  let learned: readonly LearnedLimit[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    learned = parts.map((part) => {
      const of = rated.filter(({ deviations }) => deviations[part] !== undefined);
      // What the other ratios leave of the chance is the same for every limit that is tried.
      const { [part]: _, ...others } = limits;
      const rest = of.map(({ deviations }) => despiteAll(deviations, others));
      const found = posterior(prior[part], (limit) =>
        of.reduce((sum, { deviations, good }, at) => {
          const chance = withLuck(rest[at]! * goodDespite(deviations[part]!, limit));
          return sum + good * Math.log(chance) + (1 - good) * Math.log(1 - chance);
        }, 0),
      );
      const isUsed = of.length >= FEWEST_BAKES && saysMore(found, prior[part]);
      return { part, ...found, usual: usual[part as ForgivenPart], bakes: of.length, isUsed };
    });
    for (const { part, limit } of learned) limits[part] = limit;
  }
  return learned;
}

/** How wide a belief is, as the standard deviation of its logarithm. */
const spreadOf = ({ low, high }: Pick<LearnedLimit, 'low' | 'high'>): number =>
  Math.log(high / low) / (2 * TAIL_DEVIATIONS);

/** Whether what is believed now is clearly surer, or clearly elsewhere, than before any bake. */
const saysMore = (
  found: Pick<LearnedLimit, 'limit' | 'low' | 'high'>,
  { centre, spread }: Belief,
): boolean =>
  spreadOf(found) <= NARROWER * spread ||
  Math.abs(Math.log(found.limit / centre)) >= MOVED * spread;

/** The logarithm of Student's t, up to what is the same everywhere: a normal with heavier tails. */
const logOfStudent = (off: number): number => (-(TAILS + 1) / 2) * Math.log(1 + off ** 2 / TAILS);

/** The middle and the ends of nine tenths of what is believed after all bakes. */
function posterior(
  { centre, spread }: Belief,
  logLikelihood: (limit: number) => number,
): Pick<LearnedLimit, 'limit' | 'low' | 'high'> {
  const limits = Array.from(
    { length: STEPS },
    (_, at) => centre * Math.exp(WIDEST * ((2 * at) / (STEPS - 1) - 1)),
  );
  const logs = limits.map(
    (limit) => logLikelihood(limit) + logOfStudent(Math.log(limit / centre) / spread),
  );
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const quantile = (share: number): number => {
    let sum = 0;
    for (const [at, weight] of weights.entries()) {
      sum += weight / total;
      if (sum >= share) return limits[at]!;
    }
    return limits.at(-1)!;
  };
  return { limit: quantile(0.5), low: quantile(TAIL), high: quantile(1 - TAIL) };
}

/**
 * What a recipe forgives, by its own bakes and before them by those of other recipes of its kind:
 * one entry for each ratio that a rated bake has told; nothing without any.
 */
export function learnForgiveness(
  kind: BakeKind,
  ofRecipe: readonly JudgedBake[],
  ofKind: readonly JudgedBake[],
): readonly LearnedLimit[] {
  const usual = forgivenessOf(kind);
  const prior = Object.fromEntries(
    RATIO_PARTS.map((part) => [part, { centre: usual[part], spread: USUAL_SPREAD }]),
  ) as Record<RatioPart, Belief>;
  for (const { part, limit, low, high } of learnLimits(ofKind, prior, usual)) {
    const spread = spreadOf({ low, high });
    prior[part] = { centre: limit, spread: Math.hypot(spread, RECIPE_SPREAD) };
  }
  return learnLimits(ofRecipe, prior, usual);
}

/** The learned limits that plans go by. */
export const forgivenessToPlanBy = (learned: readonly LearnedLimit[]): Partial<Forgiveness> =>
  Object.fromEntries(
    learned.filter(({ isUsed }) => isUsed).map(({ part, limit }) => [part, limit]),
  );
