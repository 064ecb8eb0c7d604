import type { PlanLine } from '../batch/index.js';

/** What a pack costs, and how much is in it. */
export interface PackPrice {
  readonly ingredientId: string;
  readonly packGrams: number;
  readonly price: number;
}

/** What a batch takes of one ingredient. */
export interface Need {
  readonly ingredientId: string;
  readonly grams: number;
  /** What that much costs; null while no price is known. */
  readonly cost: number | null;
  /** Whole packs that hold it, and what they cost. */
  readonly packs: { readonly count: number; readonly grams: number; readonly price: number } | null;
}

/** What a batch costs, and what is to be bought for it. Money in the currency of the prices. */
export interface BatchCost {
  readonly needs: readonly Need[];
  /** Of what has a price, unrounded. */
  readonly total: number;
  /** Ingredients that the total does not count. */
  readonly withoutPrice: readonly string[];
}

/**
 * What a batch costs by the prices of its packs, and the packs to buy for it. Lines of the same
 * ingredient are one need, in the order of the recipe; what has no weight is left out.
 */
export function batchCost(plan: readonly PlanLine[], prices: readonly PackPrice[]): BatchCost {
  const grams = new Map<string, number>();
  for (const { ingredientId, intended } of plan) {
    if (ingredientId === null || !intended) continue;
    grams.set(ingredientId, (grams.get(ingredientId) ?? 0) + intended.grams);
  }
  const needs = [...grams].map(([ingredientId, mass]): Need => {
    const pack = prices.find((price) => price.ingredientId === ingredientId);
    if (!pack) return { ingredientId, grams: mass, cost: null, packs: null };
    const count = Math.ceil(mass / pack.packGrams - 1e-9);
    return {
      ingredientId,
      grams: mass,
      cost: (mass * pack.price) / pack.packGrams,
      packs: { count, grams: pack.packGrams, price: pack.price },
    };
  });
  return {
    needs,
    total: needs.reduce((sum, { cost }) => sum + (cost ?? 0), 0),
    withoutPrice: needs.filter(({ cost }) => cost === null).map(({ ingredientId }) => ingredientId),
  };
}
