import type { Shelf } from '../catalogue/index.js';
import { onScaleGrid } from '../fills/index.js';
import type { ScaleDescription } from '../drawer/index.js';

/** A little of something stirred into more of something else, of which enough can be weighed. */
export interface Premix {
  /** What goes into the premix, in grams on the scale's grid. */
  readonly tinyGrams: number;
  readonly carrierGrams: number;
  /** How much of it the batch takes, on the grid. */
  readonly takeGrams: number;
  /** What of the tiny ingredient is in that. */
  readonly holdsGrams: number;
}

/** Parts of premix to one of the tiny ingredient, the richest first. */
const STRENGTHS = [10, 20, 50, 100] as const;

/**
 * How to get `grams` of something that no scale here resolves within `tolerance` (relative): stir
 * a weighable amount of it into a carrier, take as much of that. The carrier is an ingredient of
 * the dough, whose line then takes that much less. Null where the scale resolves it as it is, or
 * where even the weakest premix would not.
 */
export function premixFor(
  grams: number,
  tolerance: number,
  carrierAvailable: number,
  scales?: readonly ScaleDescription[],
): Premix | null {
  const resolves = (mass: number): boolean =>
    onScaleGrid(mass, scales, 'g', tolerance).grid / 2 <= mass * tolerance;
  if (grams <= 0 || resolves(grams)) return null;
  for (const strength of STRENGTHS) {
    const take = grams * strength;
    if (!resolves(take) || take > carrierAvailable) continue;
    // The smallest round amount of it that the scale resolves ten times better than it must.
    const tiny = [1, 2, 5, 10, 20].find((mass) => mass >= grams && resolves(mass / 2));
    if (tiny === undefined) continue;
    const takeGrams = onScaleGrid(take, scales, 'g', tolerance).grams;
    return {
      tinyGrams: tiny,
      carrierGrams: tiny * (strength - 1),
      takeGrams,
      holdsGrams: takeGrams / strength,
    };
  }
  return null;
}

/** A premix that a batch is planned with, and the index of the line it is stirred into. */
export interface PlannedPremix extends Premix {
  readonly carrier: number;
}

/** What of a planned line decides whether it can carry a premix. */
interface Carrying {
  readonly ingredientId: string | null;
  readonly intended: { readonly grams: number } | null;
}

/** The line that can carry a premix: of the flours the largest; null where there is none. */
export function carrierOf(plan: readonly Carrying[], shelf: Shelf): number | null {
  let best: number | null = null;
  for (const [index, { ingredientId, intended }] of plan.entries()) {
    if (!intended || ingredientId === null) continue;
    if (shelf.ingredient(ingredientId)?.role !== 'flour') continue;
    if (best === null || intended.grams > plan[best]!.intended!.grams) best = index;
  }
  return best;
}
