import type { Fraction } from '../amount/index.js';
import type { Hazard, Shelf } from '../catalogue/index.js';
import type { Keeping, Reading } from '../reading/index.js';
import { isEatenRaw } from './eaten-raw.js';
import { isForBabies } from './for-babies.js';

/** What does not follow a batch in a straight line, or can hurt; the sentence is made elsewhere. */
export type Caution =
  /** Beyond half and double: leavening, salt and strong spices. */
  | 'not-linear'
  /** Bake time never scales with the factor. */
  | 'bake-time'
  /** A large batch: strong things are not judged by eye. */
  | 'by-eye'
  | 'preserving'
  /** Cold, and used within days. */
  | 'keep-cold'
  | 'raw-flour'
  | 'raw-egg'
  /** It is eaten without being heated. */
  | 'eaten-raw-flour'
  | 'eaten-raw-egg'
  /** Honey or a syrup like it in a recipe for babies. */
  | 'infants'
  | 'bitter-kernels'
  | 'lye'
  /** Alcohol that is not cooked off. */
  | 'alcohol';

const HALF = 0.5;
const DOUBLE = 2;
const LARGE = 4;

/** Strong lye, by its names: it burns skin and eyes. */
const LYE =
  /\b(?:lye|caustic soda|sodium hydroxide|washing soda|sal soda|natronlauge|brezellauge|laugenperlen|ätznatron|waschsoda|soude caustique|hydroxyde de sodium|cristaux de soude)\b/i;

/** The cautions that apply to this recipe at this factor, and no others. */
export function cautionsFor(
  reading: Reading,
  factor: Fraction,
  shelf: Shelf,
  keeping: Keeping,
): Caution[] {
  const times = factor.valueOf();
  const ingredients = reading.lines.flatMap(({ kind, ingredientId }) => {
    const ingredient =
      kind === 'ingredient' && ingredientId ? shelf.ingredient(ingredientId) : null;
    return ingredient ? [ingredient] : [];
  });
  const has = (role: string): boolean => ingredients.some((one) => one.role === role);
  const holds = (hazard: Hazard): boolean =>
    ingredients.some(({ hazards }) => hazards?.includes(hazard));
  const hasStrong = ingredients.some(({ isStrong }) => isStrong);
  const isRaw = isEatenRaw(reading);
  const isFar = times < HALF || times > DOUBLE;
  const found: readonly (readonly [Caution, boolean])[] = [
    ['preserving', keeping === 'preserve'],
    ['keep-cold', keeping === 'chilled'],
    ['infants', holds('infants') && isForBabies(reading)],
    ['lye', reading.lines.some(({ written }) => LYE.test(written))],
    ['bitter-kernels', holds('bitter-kernels')],
    ['not-linear', isFar && (has('leavening') || has('salt') || has('yeast') || hasStrong)],
    ['bake-time', times !== 1 && (has('flour') || has('egg'))],
    ['by-eye', times >= LARGE && (has('leavening') || hasStrong)],
    ['eaten-raw-flour', isRaw && holds('raw-flour')],
    ['raw-flour', !isRaw && holds('raw-flour')],
    ['eaten-raw-egg', isRaw && holds('raw-egg')],
    ['raw-egg', !isRaw && holds('raw-egg')],
    ['alcohol', isRaw && holds('alcohol')],
  ];
  return found.flatMap(([caution, applies]) => (applies ? [caution] : []));
}
