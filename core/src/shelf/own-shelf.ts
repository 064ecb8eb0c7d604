import {
  THIS_KITCHEN,
  nameFinder,
  type IngredientFacts,
  type Ingredient,
  type Keeps,
  type Method,
  type Shelf,
  type TableWeight,
} from '../catalogue/index.js';
import { BUILT_IN_SHELF, CATALOGUE, ingredientById } from './built-in.js';

/** A weight that a baker sets over the table's, for one form and method. */
export interface OwnWeight {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
  readonly gramsPerMillilitre: number;
}

/** An ingredient that a baker adds: what it weighs comes from own weights, or is not known. */
export interface OwnIngredient extends Omit<
  Ingredient,
  'weights' | 'loosely' | 'otherNames' | 'keeps' | keyof IngredientFacts
> {
  /** Left out where its baker has not told yet. */
  readonly keeps?: Keeps;
}

/** All table volumes are US customary. */
const US_CUP_MILLILITRES = 236.5882365;

/**
 * A shelf on which own weights stand before the table's, by cup and by spoon, for their form
 * and method only, and own ingredients beside the built-in ones. The built-in ingredients are
 * not touched, so taking an own weight away brings the table's back. Weights for ingredients
 * that do not exist are passed over, and so is an own ingredient with the id of a built-in one.
 */
export function shelfOf(
  weights: readonly OwnWeight[],
  ingredients: readonly OwnIngredient[] = NONE,
): Shelf {
  if (weights.length === 0 && ingredients.length === 0) return BUILT_IN_SHELF;
  const known = namedShelf(ingredients);
  const overruled = new Map<string, Ingredient>();
  for (const weight of weights) {
    const base = overruled.get(weight.ingredientId) ?? known.ingredient(weight.ingredientId);
    if (base) overruled.set(base.id, { ...base, weights: withOwn(base.weights, weight) });
  }
  return {
    all: known.all.map((ingredient) => overruled.get(ingredient.id) ?? ingredient),
    ingredient: (id) => overruled.get(id) ?? known.ingredient(id),
    findName: known.findName,
  };
}

const NONE: readonly OwnIngredient[] = [];

/** The names take a while to gather, and change seldom: once for each list of ingredients. */
const NAMED = new WeakMap<readonly OwnIngredient[], Shelf>();

function namedShelf(ingredients: readonly OwnIngredient[]): Shelf {
  if (ingredients.length === 0) return BUILT_IN_SHELF;
  let shelf = NAMED.get(ingredients);
  if (!shelf) {
    const own = ingredients
      .filter(({ id }) => !ingredientById(id))
      .map((ingredient): Ingredient => ({
        ...ingredient,
        keeps: ingredient.keeps ?? null,
        weights: [],
      }));
    const byId = new Map(own.map((ingredient) => [ingredient.id, ingredient]));
    shelf = {
      all: [...CATALOGUE, ...own],
      ingredient: (id) => byId.get(id) ?? ingredientById(id),
      findName: nameFinder(CATALOGUE, own),
    };
    NAMED.set(ingredients, shelf);
  }
  return shelf;
}

function withOwn(weights: readonly TableWeight[], own: OwnWeight): readonly TableWeight[] {
  const { form, method, gramsPerMillilitre } = own;
  const isVolume = ({ unit }: TableWeight): boolean =>
    unit === 'cup' || unit === 'tbsp' || unit === 'tsp';
  const isOverruled = (weight: TableWeight): boolean =>
    isVolume(weight) && weight.form === form && weight.method === method;
  const mine: TableWeight = {
    form,
    method,
    amount: 1,
    unit: 'cup',
    grams: gramsPerMillilitre * US_CUP_MILLILITRES,
    source: THIS_KITCHEN,
  };
  // It takes the place of the first it overrules, so that the usual form stays the usual one.
  const at = weights.findIndex(isOverruled);
  const kept = weights.filter((weight) => !isOverruled(weight));
  return at < 0 ? [...weights, mine] : [...kept.slice(0, at), mine, ...kept.slice(at)];
}
