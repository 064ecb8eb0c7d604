import type { PackPrice } from '../formula/index.js';
import type { BakeOutcome } from './outcome.js';

/** A month of bakes. */
export interface LogMonth {
  /** "2026-03", by UTC. */
  readonly month: string;
  /** How many were rated 1 to 5, in that order. */
  readonly byRating: readonly number[];
  readonly unrated: number;
  /** What went in, in the money of the prices; of what has a price. */
  readonly cost: number;
  /** The part of it that was thrown away. */
  readonly waste: number;
  /** By hand, how far weighed lines were from what was meant: root mean square, relative. */
  readonly spread: ReadonlyMap<string | null, number>;
}

const RATINGS = 5;
const MONTH_LETTERS = 'YYYY-MM'.length;

/** What the ingredients of a bake cost, of those that have a price. */
function costOf(
  { lines, factor }: Pick<BakeOutcome, 'lines' | 'factor'>,
  prices: readonly PackPrice[],
): number {
  const each = new Map(prices.map((pack) => [pack.ingredientId, pack.price / pack.packGrams]));
  return lines.reduce(
    (sum, { ingredientId, grams }) => sum + grams * factor * (each.get(ingredientId) ?? 0),
    0,
  );
}

/** The log by months, the oldest first; months without a bake are left out. */
export function logByMonth(
  outcomes: readonly BakeOutcome[],
  prices: readonly PackPrice[],
): readonly LogMonth[] {
  const months = new Map<string, BakeOutcome[]>();
  for (const outcome of outcomes) {
    const month = outcome.at.slice(0, MONTH_LETTERS);
    const known = months.get(month);
    if (known) known.push(outcome);
    else months.set(month, [outcome]);
  }
  return [...months]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([month, bakes]): LogMonth => {
      const costs = bakes.map((bake) => costOf(bake, prices));
      const sum = (of: readonly number[]): number => of.reduce((total, one) => total + one, 0);
      return {
        month,
        byRating: Array.from(
          { length: RATINGS },
          (_, at) => bakes.filter(({ rating }) => rating === at + 1).length,
        ),
        unrated: bakes.filter(({ rating }) => rating === null).length,
        cost: sum(costs),
        waste: sum(costs.filter((_, at) => bakes[at]!.isWasted)),
        spread: spreadByHand(bakes),
      };
    });
}

function spreadByHand(bakes: readonly BakeOutcome[]): ReadonlyMap<string | null, number> {
  const squares = new Map<string | null, number[]>();
  for (const { handId, lines } of bakes) {
    for (const { grams, intendedGrams, isWeighed } of lines) {
      if (!isWeighed || intendedGrams <= 0) continue;
      const known = squares.get(handId) ?? [];
      known.push((grams / intendedGrams - 1) ** 2);
      squares.set(handId, known);
    }
  }
  return new Map(
    [...squares].map(([hand, all]) => [
      hand,
      Math.sqrt(all.reduce((sum, one) => sum + one, 0) / all.length),
    ]),
  );
}
