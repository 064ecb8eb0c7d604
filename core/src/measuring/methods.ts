import type { Ingredient, IngredientClass, Method } from '../catalogue/index.js';
import { rememberByIngredient } from './remember-by-ingredient.js';

/** What a measure was filled with, and how. */
export interface FillingOf {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
}

/** Whether two fillings are the same ingredient, in the same form, filled the same way. */
export function sameFilling(a: FillingOf, b: FillingOf): boolean {
  return a.ingredientId === b.ingredientId && a.form === b.form && a.method === b.method;
}

/** Methods of each class, light to heavy; the first of `[default, all]` is what is assumed. */
const BY_CLASS: Readonly<Record<IngredientClass, { default: Method; all: readonly Method[] }>> = {
  powder: { default: 'spooned', all: ['sifted', 'spooned', 'dipped', 'tamped'] },
  granular: { default: 'level', all: ['level'] },
  moist: { default: 'packed', all: ['loose', 'packed'] },
  chunk: { default: 'level', all: ['level', 'packed'] },
  liquid: { default: 'poured', all: ['poured'] },
  syrup: { default: 'poured', all: ['poured'] },
  paste: { default: 'pressed', all: ['pressed'] },
  'solid-fat': { default: 'pressed', all: ['pressed', 'block', 'displaced', 'melted'] },
  egg: { default: 'count', all: ['count', 'poured'] },
};

/**
 * The method assumed when neither recipe nor baker names one: that of the class, or, for an
 * ingredient that is only ever measured another way (spices: a level spoon), that one.
 */
export const defaultMethod = rememberByIngredient((ingredient: Ingredient): Method => {
  const usual = BY_CLASS[ingredient.class].default;
  const known = ingredient.weights.filter((weight) => weight.method !== 'count');
  if (usual === 'count' || known.length === 0) return usual;
  return known.some((weight) => weight.method === usual) ? usual : known[0]!.method;
});

/**
 * Every method that makes sense for the ingredient, light to heavy. Never empty.
 *
 * @example
 * methodsFor(allPurposeFlour) // ["sifted", "spooned", "dipped", "tamped"]
 */
export const methodsFor = rememberByIngredient((ingredient: Ingredient): readonly Method[] => {
  const all = BY_CLASS[ingredient.class].all;
  const own = defaultMethod(ingredient);
  if (!all.includes(own)) return [own, ...all.filter((method) => method === 'dipped')];
  const counted = ingredient.weights.some((weight) => weight.unit === 'each');
  // A block of butter is cut at its marks, not counted.
  return counted && !all.includes('block') && !all.includes('count') ? [...all, 'count'] : all;
});

/**
 * Weight of a cup relative to the same cup by the class's default method. From the table
 * weights of the well-documented ingredients; whatever rests on one is an estimate.
 */
const FACTORS: Partial<Readonly<Record<IngredientClass, Partial<Record<Method, number>>>>> = {
  powder: { sifted: 0.9, spooned: 1, level: 1, dipped: 1.1, tamped: 1.25 },
  moist: { loose: 0.66, packed: 1 },
  chunk: { level: 1, packed: 1.14 },
};

/** The class factor of a method: dimensionless, 1 for the class's default. */
export function classFactor(ingredientClass: IngredientClass, method: Method): number {
  return FACTORS[ingredientClass]?.[method] ?? 1;
}
