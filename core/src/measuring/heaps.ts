import type { IngredientClass } from '../catalogue/index.js';
import type { MeasureSize } from './size.js';

/** How a measure is filled beyond its rim, or short of it. */
export const HEAPS = ['heaped', 'rounded', 'generous', 'scant'] as const;
/** One of `HEAPS`. */
export type Heap = (typeof HEAPS)[number];

/** What it holds, as a multiple of a level fill: in the middle, and in nineteen hands of twenty. */
export interface FillFactor {
  readonly times: number;
  readonly low: number;
  readonly high: number;
}

const about = (times: number, share: number): FillFactor => ({
  times,
  low: times * (1 - share),
  high: times * (1 + share),
});

const LEVEL: FillFactor = { times: 1, low: 1, high: 1 };

/** A cup has little above its rim beside what is in it; nor has a liquid or a paste on a spoon. */
const IN_A_CUP: Readonly<Record<Heap, FillFactor>> = {
  heaped: about(1.25, 0.16),
  rounded: about(1.15, 0.16),
  generous: about(1.05, 0.16),
  scant: about(0.95, 0.16),
};
const FLAT_ON_A_SPOON: Readonly<Record<Heap, FillFactor>> = {
  ...IN_A_CUP,
  heaped: about(1.15, 0.16),
};

/** On a spoon what stands above the rim is as much again: steep where it clings, lower where it runs. */
const CLINGING: Readonly<Record<Heap, FillFactor>> = {
  ...IN_A_CUP,
  heaped: { times: 2.5, low: 1.8, high: 3.2 },
  rounded: { times: 2, low: 1.4, high: 2.4 },
};
const RUNNING: Readonly<Record<Heap, FillFactor>> = {
  ...IN_A_CUP,
  heaped: about(2, 0.25),
  rounded: about(1.5, 0.2),
};

const ON_A_SPOON: Readonly<Record<IngredientClass, Readonly<Record<Heap, FillFactor>>>> = {
  powder: CLINGING,
  moist: CLINGING,
  granular: RUNNING,
  chunk: RUNNING,
  'solid-fat': RUNNING,
  liquid: FLAT_ON_A_SPOON,
  syrup: FLAT_ON_A_SPOON,
  paste: FLAT_ON_A_SPOON,
  egg: FLAT_ON_A_SPOON,
};

/**
 * What a heaped, rounded, generous or scant measure holds; a level one for null. Conventions, not measurements: nobody
 * heaps alike, and every use becomes a reading note.
 *
 * @example
 * fillFactorOf('rounded', 'tbsp', 'powder') // { times: 2, low: 1.4, high: 2.4 }
 */
export function fillFactorOf(
  heap: Heap | null,
  size: MeasureSize,
  ofClass: IngredientClass,
): FillFactor {
  if (heap === null) return LEVEL;
  return size === 'cup' ? IN_A_CUP[heap] : ON_A_SPOON[ofClass][heap];
}
