import type { Ingredient, IngredientClass, Method, Shelf } from '../../catalogue/index.js';
import type { Random } from '../../chance/index.js';
import { defaultMethod, densityOf } from '../../measuring/index.js';
import { millilitresIn, type Standard } from '../../units/index.js';
import type { CupOf } from './question.js';

/** The same things in an order of chance: Fisher and Yates. */
export function shuffled<T>(all: readonly T[], random: Random): T[] {
  const order = [...all];
  for (let last = order.length - 1; last > 0; last--) {
    const other = Math.floor(random.uniform() * (last + 1));
    [order[last], order[other]] = [order[other]!, order[last]!];
  }
  return order;
}

/** Choices in an order of chance, and where the first of them went. */
export function withRightFirst<T>(
  choices: readonly T[],
  random: Random,
): { readonly choices: readonly T[]; readonly right: number } {
  const order = shuffled(choices, random);
  return { choices: order, right: order.indexOf(choices[0]!) };
}

/** What goes into a dough beside its dough, in most kitchens: nobody learns the weight of a cup of olives. */
const USUAL_INCLUSIONS: ReadonlySet<string> = new Set([
  'blueberries',
  'breadcrumbs-dry',
  'cashews',
  'chocolate-chips',
  'cocoa',
  'coconut-shredded-sweetened',
  'cranberries-dried',
  'currants-dried',
  'figs-dried',
  'milk-powder-nonfat',
  'peanuts',
  'pistachios',
  'prunes',
  'raisins',
  'raspberries',
  'seeds-pumpkin',
  'seeds-sesame',
  'seeds-sunflower',
]);

/**
 * What bakers measure by the cup, as far as a source gives its weight in its usual form and way:
 * nobody is asked for a figure that is only an estimate.
 */
export const measuredByCup = (shelf: Shelf): readonly Ingredient[] =>
  shelf.all.filter(
    (ingredient) =>
      ingredient.class !== 'egg' &&
      ((ingredient.role !== 'inclusion' && ingredient.role !== 'flavour') ||
        USUAL_INCLUSIONS.has(ingredient.id)) &&
      ingredient.weights.some(({ unit, form }) => unit === 'cup' && form === null) &&
      isFromSource(ingredient, defaultMethod(ingredient)),
  );

/** Whether what a cup of it weighs, filled this way, is from a source and no estimate. */
export const isFromSource = (ingredient: Ingredient, method: Method): boolean =>
  densityOf({ ingredient, form: null, method, size: 'cup' })?.rung === 'reference';

/** What is weighed in grams or less: leavenings, yeast, salt and spices that a spoon is known of. */
export const measuredInPinches = (shelf: Shelf): readonly Ingredient[] =>
  shelf.all.filter(
    ({ class: of, role, weights }) =>
      (of === 'powder' || of === 'granular') &&
      ['leavening', 'yeast', 'salt'].includes(role) &&
      weights.some(({ unit }) => unit === 'tsp'),
  );

/** The same, of these classes. */
export const ofClasses = (
  shelf: Shelf,
  ...classes: readonly IngredientClass[]
): readonly Ingredient[] => measuredByCup(shelf).filter(({ class: of }) => classes.includes(of));

/** What a cup of an ingredient weighs in a kitchen, filled in its usual way or another. */
export function cupOf(
  ingredient: Ingredient,
  standard: Standard,
  method: Method = defaultMethod(ingredient),
  form: string | null = null,
): CupOf | null {
  const basis = densityOf({ ingredient, form, method, size: 'cup' });
  const cup = millilitresIn('cup', standard).valueOf();
  return (
    basis && { ingredientId: ingredient.id, form, method, grams: basis.gramsPerMillilitre * cup }
  );
}
