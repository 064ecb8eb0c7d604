import type { Method } from '../../catalogue/index.js';
import { densityOf, methodsFor } from '../../measuring/index.js';
import { GRAMS_PER_OUNCE } from '../../units/index.js';
import { HEAPED } from './filler.js';
import { fillTolerance, targetGrams, type FillTask } from './task.js';

/** What a weight looks like that somebody's real fill gave. */
export type FillLook =
  | { readonly code: 'as-asked' }
  /** What another way of filling weighs. */
  | { readonly code: 'like-method'; readonly method: Method; readonly grams: number }
  | { readonly code: 'heaped' }
  | { readonly code: 'not-full' }
  /** The figure fits once it is taken for ounces. */
  | { readonly code: 'ounces'; readonly grams: number }
  /** So many fills on top of each other. */
  | { readonly code: 'several-fills'; readonly fills: number }
  /** No way of filling gives this: perhaps the bowl was weighed along. */
  | { readonly code: 'too-heavy' }
  | { readonly code: 'too-light' };

/** Another way of filling is recognised within this share of what it weighs. */
const RECOGNISED_WITHIN = 0.035;
const MOST_FILLS = 3;
/** Up to this much over a heap, and down to this much of a level fill, a hand may well have done it. */
const HEAP_LEEWAY = 1.08;
const LEAST_FULL = 0.6;

/**
 * What the weight of a real fill looks like, in the order in which it is believed: as asked,
 * another way of filling, a slip at the scale, too much or too little in it. Null where no table
 * knows the target.
 */
export function looksLike(grams: number, task: FillTask): FillLook | null {
  const target = targetGrams(task);
  if (target === null) return null;
  const ratio = grams / target;
  const tolerance = fillTolerance(task);
  if (Math.abs(ratio - 1) <= tolerance) return { code: 'as-asked' };
  const { ingredient, form, size, millilitres } = task;
  const others = methodsFor(ingredient).flatMap((method) => {
    if (method === task.method) return [];
    const basis = densityOf({ ingredient, form, method, size });
    return basis ? [{ method, grams: basis.gramsPerMillilitre * millilitres }] : [];
  });
  const nearest = others
    .filter((other) => Math.abs(grams / other.grams - 1) <= RECOGNISED_WITHIN)
    .sort((a, b) => Math.abs(grams - a.grams) - Math.abs(grams - b.grams))[0];
  if (nearest) return { code: 'like-method', ...nearest };
  if (Math.abs((grams * GRAMS_PER_OUNCE) / target - 1) <= 2 * tolerance) {
    return { code: 'ounces', grams: grams * GRAMS_PER_OUNCE };
  }
  for (let fills = 2; fills <= MOST_FILLS; fills++) {
    if (Math.abs(ratio / fills - 1) <= tolerance) return { code: 'several-fills', fills };
  }
  if (ratio > 1) return { code: ratio <= HEAPED * HEAP_LEEWAY ? 'heaped' : 'too-heavy' };
  return { code: ratio >= LEAST_FULL ? 'not-full' : 'too-light' };
}
