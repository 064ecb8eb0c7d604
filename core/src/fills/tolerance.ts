import type { Role } from '../catalogue/index.js';

/** How closely a batch must be measured. */
export const STRICTNESSES = ['relaxed', 'normal', 'strict'] as const;
/** One of `STRICTNESSES`. */
export type Strictness = (typeof STRICTNESSES)[number];

/**
 * How far from the intended mass a rounded amount may be, relative, by role. A house rule, and a
 * narrow one: what a bake forgives is wider (see `baking`), and is needed for the hand.
 */
const NEAR_ENOUGH: Readonly<Record<Role, number>> = {
  flour: 0.01,
  liquid: 0.01,
  fat: 0.01,
  sugar: 0.01,
  egg: 0.01,
  leavening: 0.025,
  yeast: 0.025,
  salt: 0.025,
  thickener: 0.025,
  flavour: 0.05,
  inclusion: 0.05,
};

const TIMES: Readonly<Record<Strictness, number>> = { relaxed: 2, normal: 1, strict: 0.5 };

/** Figures that are equal on paper may differ so much, relative, in floating point. */
const ROUNDING = 1e-9;

/**
 * The relative deviation within which an amount of this role is near enough to what was meant:
 * 0.01 to 0.05, doubled when relaxed, halved when strict.
 *
 * @example
 * nearEnough('flour') // 0.01
 * nearEnough('flour', 'strict') // 0.005
 */
export const nearEnough = (role: Role, strictness: Strictness = 'normal'): number =>
  NEAR_ENOUGH[role] * TIMES[strictness];

const FINE: ReadonlySet<Role> = new Set<Role>([
  'salt',
  'leavening',
  'yeast',
  'thickener',
  'flavour',
]);

/**
 * Whether an eighth of a teaspoon matters of this role, because it is tasted or makes a dough rise:
 * then the smallest spoons are used, and nothing but what is near enough will do.
 */
export const isFinelyMeasured = (role: Role): boolean => FINE.has(role);

/** Whether a relative deviation is within a tolerance; exactly at it is. */
export const isWithin = (deviation: number, tolerance: number): boolean =>
  Math.abs(deviation) <= tolerance * (1 + ROUNDING) + ROUNDING;
