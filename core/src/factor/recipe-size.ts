import { Fraction, midpoint } from '../amount/index.js';
import type { Reading } from '../reading/index.js';

/** What a recipe makes as it is written, as far as is known. */
export interface RecipeSize {
  /** Pieces or servings; null where it does not say. */
  readonly pieces: Fraction | null;
  /** All that goes in, in grams; of what has no weight nothing is counted. */
  readonly grams: number;
  /** How many lines have an amount and no weight: `grams` leaves them out. 0 where not said. */
  readonly unweighed?: number;
  /** Whole eggs by number; 0 without any. */
  readonly eggs: Fraction;
  /** The same, line by line: each wants whole eggs of its own. */
  readonly eggsByLine: readonly Fraction[];
  /** Grams of each ingredient. */
  readonly byIngredient: ReadonlyMap<string, number>;
}

/** What goes in for one line at factor 1. */
export interface LineGrams {
  readonly ingredientId: string | null;
  readonly grams: number;
}

const EGG = 'egg-whole';

/**
 * What a recipe makes at factor 1: pieces, grams, eggs, and how much of each ingredient.
 *
 * @param masses what goes in for each line of the reading, by its index; null where it has no weight
 */
export function recipeSize(reading: Reading, masses: readonly (LineGrams | null)[]): RecipeSize {
  const byIngredient = new Map<string, number>();
  let grams = 0;
  const eggsByLine: Fraction[] = [];
  for (const [index, line] of reading.lines.entries()) {
    if (line.kind !== 'ingredient') continue;
    if (line.ingredientId === EGG && line.unit === 'each' && line.amount) {
      eggsByLine.push(midpoint(line.amount));
    }
    const mass = masses[index];
    if (!mass) continue;
    // Of an ingredient there has to be enough for the pan as well; the dough has none of that.
    if (!line.place) grams += mass.grams;
    const { ingredientId: id } = mass;
    if (id !== null) byIngredient.set(id, (byIngredient.get(id) ?? 0) + mass.grams);
  }
  const count = reading.yield?.count;
  const eggs = eggsByLine.reduce((sum, one) => sum.add(one), new Fraction(0));
  return { pieces: count ? midpoint(count) : null, grams, eggs, eggsByLine, byIngredient };
}
