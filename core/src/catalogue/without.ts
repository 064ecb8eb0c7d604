import type { Ingredient } from './ingredient.js';

const MILK = ['milk'];
const EGG = ['egg'];
const GLUTEN = ['wheat', 'rye', 'barley', 'oats', 'gluten'];
const NUTS = ['tree nuts', 'peanuts', 'nuts'];

/** What a name says that it is without, in the languages that are read, and the allergens of that. */
const WITHOUT: readonly (readonly [RegExp, readonly string[]])[] = [
  [/gluten[- ]?free|glutenfrei|sans gluten/i, GLUTEN],
  [/dairy[- ]?free|non[- ]?dairy|lactose[- ]?free|milk[- ]?free|laktosefrei|sans lactose/i, MILK],
  [/vegan|plant[- ]?based|pflanzlich|végétal/i, [...MILK, ...EGG]],
  [/egg[- ]?free|eggless|eifrei|ohne ei\b|sans œuf/i, EGG],
  [/nut[- ]?free|nussfrei/i, NUTS],
];

/** Honey has no allergen, and is not vegan all the same. */
const NOT_VEGAN = /honey|gelatin/i;

/** Whether an ingredient brings in what this name says it is without. */
export function excludedBy(name: string): (ingredient: Ingredient) => boolean {
  const allergens = WITHOUT.flatMap(([says, without]) => (says.test(name) ? without : []));
  if (allergens.length === 0) return () => false;
  const isVegan = /vegan/i.test(name);
  return (ingredient) =>
    ingredient.allergens.some((one) => allergens.includes(one.toLowerCase())) ||
    (isVegan && NOT_VEGAN.test(ingredient.name));
}
