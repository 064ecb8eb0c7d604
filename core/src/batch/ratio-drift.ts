import type { Shelf } from '../catalogue/index.js';
import type { PlanLine } from './plan-line.js';
import { RATIO_PARTS, ratiosOf, type RatioPart, type Ratios, type WeighedPart } from './ratios.js';
import { LEANING, type Forgiveness } from '../baking/index.js';
import { isWithin } from '../fills/index.js';

/** A ratio as it was meant, and as it comes out by either route, in percent of the base. */
export interface RatioRoutes {
  readonly intended: number;
  readonly weighed: number;
  readonly measured: number;
  /** Relative drift of the worse route; 0 where the recipe has none of it. */
  readonly drift: number;
  /** Whether the drift is more than half of what this kind of bake forgives. */
  readonly isOver: boolean;
}

/** The ratios of a dough as intended, measured and weighed, and how far they are apart. */
export interface RatioDrift {
  /** Flour, or all of it where there is no flour. */
  readonly base: 'flour' | 'total';
  readonly ratios: Readonly<Record<RatioPart, RatioRoutes>>;
}

type DriftRoute = 'intended' | 'weighed' | 'measured';

function partsBy(route: DriftRoute, plan: readonly PlanLine[]): WeighedPart[] {
  return plan.flatMap(({ ingredientId, place, intended, weight, measure, isWeighed }) => {
    if (ingredientId === null || place || !intended) return [];
    const weighed = weight?.grams ?? intended.grams;
    // What can't be measured is weighed by either route, and so is what its baker weighs.
    const measured = isWeighed ? weighed : (measure?.grams ?? weighed);
    const grams = { intended: intended.grams, weighed, measured }[route];
    return [{ ingredientId, grams }];
  });
}

const NOTHING: Omit<Ratios, 'flourGrams'> = {
  water: 0,
  fat: 0,
  sugar: 0,
  egg: 0,
  leavening: 0,
  yeast: 0,
  salt: 0,
};

/** Ratios against all of the dough, for one without flour. */
function againstTotal(parts: readonly WeighedPart[], shelf: Shelf): Omit<Ratios, 'flourGrams'> {
  const total = parts.reduce((sum, { grams }) => sum + grams, 0);
  if (total === 0) return NOTHING;
  const sums = { ...NOTHING } as Record<RatioPart, number>;
  for (const { ingredientId, grams } of parts) {
    const ingredient = shelf.ingredient(ingredientId);
    if (!ingredient) continue;
    const percent = (100 * grams) / total;
    sums.water += (percent * ingredient.waterPercent) / 100;
    const part = RATIO_PARTS.find((one) => one === ingredient.role);
    if (part && part !== 'water') sums[part] += percent;
  }
  return sums;
}

/**
 * The ratios of several lists of masses of one dough, all against the same base and in percent of
 * it: flour, or everything where one of them has no flour.
 */
export function ratioShares(
  lists: readonly (readonly WeighedPart[])[],
  shelf: Shelf,
): { readonly base: RatioDrift['base']; readonly shares: readonly Omit<Ratios, 'flourGrams'>[] } {
  const baker = lists.map((parts) => ratiosOf(parts, shelf));
  const hasFlour = baker.every((ratios) => ratios !== null);
  return hasFlour
    ? { base: 'flour', shares: baker.map((one) => one!) }
    : { base: 'total', shares: lists.map((parts) => againstTotal(parts, shelf)) };
}

/**
 * The ratios of a batch as baker's percentages: as intended, as weighed on the scale's grid, as
 * measured by the fills, and how far the worse of the two drifts. Without flour they are in
 * percent of everything. What drifts by more than half of what is forgiven is told.
 */
export function ratioDrift(
  plan: readonly PlanLine[],
  shelf: Shelf,
  forgives: Forgiveness,
): RatioDrift {
  const routes = (['intended', 'weighed', 'measured'] as const).map((route) =>
    partsBy(route, plan),
  );
  const { base, shares: by } = ratioShares(routes, shelf);
  const ratios = Object.fromEntries(
    RATIO_PARTS.map((part): [RatioPart, RatioRoutes] => {
      const [intended, weighed, measured] = by.map((one) => one[part]) as [number, number, number];
      const off = (value: number): number => (intended > 0 ? Math.abs(value / intended - 1) : 0);
      const drift = Math.max(off(weighed), off(measured));
      const isOver = !isWithin(drift, forgives[part] * LEANING);
      return [part, { intended, weighed, measured, drift, isOver }];
    }),
  ) as Record<RatioPart, RatioRoutes>;
  return { base, ratios };
}
