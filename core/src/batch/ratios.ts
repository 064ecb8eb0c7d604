import type { Role, Shelf } from '../catalogue/index.js';

/** The parts of a dough that are set against its flour. */
export const RATIO_PARTS = ['water', 'fat', 'sugar', 'egg', 'leavening', 'yeast', 'salt'] as const;
/** One of `RATIO_PARTS`: what is set against the flour. */
export type RatioPart = (typeof RATIO_PARTS)[number];

/** A mass of an ingredient that goes into one dough or batter. */
export interface WeighedPart {
  readonly ingredientId: string;
  readonly grams: number;
}

/** Baker's percentages: each as grams to 100 g of flour. Null without flour. */
export interface Ratios {
  readonly flourGrams: number;
  /** All water, that inside milk, eggs, butter and flour included. */
  readonly water: number;
  readonly fat: number;
  readonly sugar: number;
  readonly egg: number;
  readonly leavening: number;
  readonly yeast: number;
  readonly salt: number;
}

/**
 * Baker's percentages of a list of masses. Fat, sugar, egg, leavening, yeast and salt count
 * the ingredients of that role by their whole mass. Null when there is no flour to refer to.
 */
export function ratiosOf(parts: readonly WeighedPart[], shelf: Shelf): Ratios | null {
  let water = 0;
  const byRole = new Map<Role, number>();
  for (const { ingredientId, grams } of parts) {
    const ingredient = shelf.ingredient(ingredientId);
    if (!ingredient) continue;
    water += (grams * ingredient.waterPercent) / 100;
    byRole.set(ingredient.role, (byRole.get(ingredient.role) ?? 0) + grams);
  }
  const flourGrams = byRole.get('flour') ?? 0;
  if (flourGrams === 0) return null;
  const percent = (grams: number): number => (100 * grams) / flourGrams;
  const role = (name: Role): number => percent(byRole.get(name) ?? 0);
  return {
    flourGrams,
    water: percent(water),
    fat: role('fat'),
    sugar: role('sugar'),
    egg: role('egg'),
    leavening: role('leavening'),
    yeast: role('yeast'),
    salt: role('salt'),
  };
}
