import type { Ingredient, Method, TableWeight } from '../catalogue/index.js';
import { densityOf, isDoubted, type DensityBasis } from './basis.js';
import { classFactor, methodsFor } from './methods.js';

/** One way to fill a measure with an ingredient, and how heavy it is by cup and by spoon. */
export interface WeightRow {
  readonly form: string | null;
  readonly method: Method;
  readonly cup: DensityBasis;
  readonly tbsp: DensityBasis;
  readonly tsp: DensityBasis;
}

/**
 * Every form and method of an ingredient with its weight, from tables or by class factor, in
 * the order of the table and light to heavy. Methods that share their weight with another
 * (a block, sunk in water) are left out; so is what is only counted.
 */
export function weightTable(ingredient: Ingredient): readonly WeightRow[] {
  const forms = [...new Set(ingredient.weights.filter(isVolume).map(({ form }) => form))];
  return forms.flatMap((form) => {
    const methods = new Set<Method>(methodsFor(ingredient));
    // A form of its own may have a method of its own: whipped cream is spooned.
    for (const weight of ingredient.weights) {
      if (weight.form === form && isVolume(weight)) methods.add(weight.method);
    }
    return [...methods].flatMap((method) => rowOf(ingredient, form, method) ?? []);
  });
}

const isVolume = ({ unit }: TableWeight): boolean =>
  unit === 'cup' || unit === 'tbsp' || unit === 'tsp';

function rowOf(ingredient: Ingredient, form: string | null, method: Method): WeightRow | null {
  if (method === 'count' || method === 'block' || method === 'displaced') return null;
  const own = ingredient.weights.filter((weight) => weight.form === form && isVolume(weight));
  const isTabulated = own.some((weight) => weight.method === method);
  // An estimate says something only where the class has a factor for it.
  const isEstimable = own.some(
    (weight) =>
      classFactor(ingredient.class, weight.method) !== classFactor(ingredient.class, method),
  );
  if (!isTabulated && !isEstimable) return null;
  const [cup, tbsp, tsp] = (['cup', 'tbsp', 'tsp'] as const).map((size) =>
    densityOf({ ingredient, form, method, size }),
  );
  return cup && tbsp && tsp ? { form, method, cup, tbsp, tsp } : null;
}

/** Two table weights of one ingredient that do not go together. */
export interface Disagreement {
  readonly form: string | null;
  /** The weight that the other methods rest on, and the one that stands apart from it. */
  readonly used: TableWeight;
  readonly apart: TableWeight;
  /** Relative difference, of `apart` from what the class factor makes of `used`. */
  readonly difference: number;
}

/** Weights further apart than class factors explain. */
const WORTH_SAYING = 0.1;

/**
 * Where the sources of an ingredient disagree: its weights by different methods are brought
 * to one method by the class factors, and compared with the default method's. Both are kept;
 * each is used for its own method.
 */
export function disagreements(ingredient: Ingredient): readonly Disagreement[] {
  const cups = ingredient.weights.filter(
    (weight) => weight.unit === 'cup' && !isDoubted(ingredient, weight),
  );
  const level = ({ grams, amount, method }: TableWeight): number =>
    grams / amount / classFactor(ingredient.class, method);
  return cups.flatMap((apart) => {
    const used = cups.find(
      (weight) => weight.form === apart.form && classFactor(ingredient.class, weight.method) === 1,
    );
    if (!used || used === apart) return [];
    const difference = level(apart) / level(used) - 1;
    return Math.abs(difference) > WORTH_SAYING
      ? [{ form: apart.form, used, apart, difference }]
      : [];
  });
}
