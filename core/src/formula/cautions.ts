import type { Fraction } from '../amount/index.js';
import type { Shelf } from '../catalogue/index.js';
import { isPreserving, type Reading } from '../reading/index.js';

/** What does not follow a batch in a straight line, or can hurt; the sentence is made elsewhere. */
export type Caution =
  /** Beyond half and double: leavening, salt and strong spices. */
  | 'not-linear'
  /** Bake time never scales with the factor. */
  | 'bake-time'
  /** A large batch: strong things are not judged by eye. */
  | 'by-eye'
  | 'preserving'
  | 'raw-flour'
  | 'raw-egg';

const HALF = 0.5;
const DOUBLE = 2;
const LARGE = 4;
const STRONG: ReadonlySet<string> = new Set([
  'cinnamon',
  'nutmeg',
  'cloves-ground',
  'allspice',
  'cardamom-ground',
  'ginger-ground',
  'vanilla-extract',
  'pepper-black',
]);
/** The cautions that apply to this recipe at this factor, and no others. */
export function cautionsFor(reading: Reading, factor: Fraction, shelf: Shelf): Caution[] {
  const times = factor.valueOf();
  const ingredients = reading.lines.flatMap(({ kind, ingredientId }) => {
    const ingredient =
      kind === 'ingredient' && ingredientId ? shelf.ingredient(ingredientId) : null;
    return ingredient ? [ingredient] : [];
  });
  const has = (role: string): boolean => ingredients.some((one) => one.role === role);
  const hasStrong = ingredients.some(({ id }) => STRONG.has(id));
  const cautions: Caution[] = [];
  if (isPreserving(reading)) cautions.push('preserving');
  const isFar = times < HALF || times > DOUBLE;
  if (isFar && (has('leavening') || has('salt') || has('yeast') || hasStrong)) {
    cautions.push('not-linear');
  }
  if (times !== 1 && (has('flour') || has('egg'))) cautions.push('bake-time');
  if (times >= LARGE && (has('leavening') || hasStrong)) cautions.push('by-eye');
  if (has('flour')) cautions.push('raw-flour');
  if (has('egg')) cautions.push('raw-egg');
  return cautions;
}
