import type { PlanLine } from '../batch/index.js';
import type { Shelf } from '../catalogue/index.js';

/** What can hardly be meant: more of something than anybody bakes with. */
export interface DoubtfulAmount {
  /** Index among the lines of the plan. */
  readonly line: number;
  readonly of: 'salt' | 'soda' | 'spice';
  /** Its share of the flour; of all there is, where there is no flour. */
  readonly share: number;
}

/** Shares of the flour beyond which an amount is asked about: no bread has so much. */
const MOST_SALT = 0.04;
const MOST_SODA = 0.02;
/** A teaspoon of nutmeg to a cup of flour: more than any spice biscuit has. */
const MOST_SPICE = 0.02;
const SODA: ReadonlySet<string> = new Set(['baking-soda']);
const STRONG: ReadonlySet<string> = new Set(['nutmeg', 'cloves-ground']);

/** The lines whose amounts should be asked about before anybody weighs them. */
export function doubtfulAmounts(plan: readonly PlanLine[], shelf: Shelf): DoubtfulAmount[] {
  const known = plan.flatMap(({ ingredientId, intended }, line) => {
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    return ingredient && intended ? [{ line, ingredient, grams: intended.grams }] : [];
  });
  const sum = (some: typeof known): number => some.reduce((all, { grams }) => all + grams, 0);
  const flour = sum(known.filter(({ ingredient }) => ingredient.role === 'flour'));
  const base = flour > 0 ? flour : sum(known);
  if (base <= 0) return [];
  return known.flatMap(({ line, ingredient, grams }): DoubtfulAmount[] => {
    const share = grams / base;
    if (ingredient.role === 'salt' && share > MOST_SALT) return [{ line, of: 'salt', share }];
    if (SODA.has(ingredient.id) && share > MOST_SODA) return [{ line, of: 'soda', share }];
    if (STRONG.has(ingredient.id) && share > MOST_SPICE) return [{ line, of: 'spice', share }];
    return [];
  });
}
