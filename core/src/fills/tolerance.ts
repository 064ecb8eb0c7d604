import type { Role } from '../catalogue/index.js';

/** How closely a batch must be measured: sponges and lean bakes are strict. */
export const STRICTNESSES = ['relaxed', 'normal', 'strict'] as const;
/** One of `STRICTNESSES`. */
export type Strictness = (typeof STRICTNESSES)[number];

/** Relative deviations that a bake forgives, by role: normal, strict. */
const TOLERANCES: Readonly<Record<Role, readonly [normal: number, strict: number]>> = {
  flour: [0.03, 0.02],
  liquid: [0.03, 0.02],
  fat: [0.04, 0.03],
  sugar: [0.05, 0.03],
  egg: [0.05, 0.03],
  leavening: [0.08, 0.05],
  yeast: [0.08, 0.05],
  salt: [0.08, 0.05],
  thickener: [0.05, 0.03],
  flavour: [0.2, 0.1],
  inclusion: [0.1, 0.05],
};

/** A relaxed bake forgives so many times as much as a normal one: a house rule. */
const RELAXED_TIMES = 2;

/** The relative deviation within which a line of this role is as good as exact. */
export function toleranceOf(role: Role, strictness: Strictness = 'normal'): number {
  const [normal, strict] = TOLERANCES[role];
  if (strictness === 'strict') return strict;
  return strictness === 'relaxed' ? normal * RELAXED_TIMES : normal;
}
