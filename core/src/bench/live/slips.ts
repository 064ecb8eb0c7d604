import type { ScaleReading } from '../scale/index.js';

/** What went wrong at the scale while something was being weighed. */
export type WeighingSlip =
  /** The container, or all of it, was lifted off. */
  | { readonly code: 'lifted'; readonly grams: number }
  /** The reading jumped by what a container weighs. */
  | { readonly code: 'container-added'; readonly container: string; readonly grams: number }
  /** Nothing was zeroed after the last ingredient. */
  | { readonly code: 'not-zeroed'; readonly grams: number }
  /** Zeroed with something on it that was then taken off. */
  | { readonly code: 'negative'; readonly grams: number };

/** What the scale is expected to do. */
export interface WeighingSetting {
  readonly containers: readonly { readonly name: string; readonly grams: number }[];
  readonly gridGrams: number;
  /** The most that is wanted on it: what does not go beyond may well be the ingredient. */
  readonly mostGrams: number;
  /** What was on it when this weighing was begun; null where it starts from zero. */
  readonly startGrams: number | null;
  /** The settled net masses of this weighing so far, oldest first. */
  readonly settled: readonly number[];
  /** What the ingredient before gave; null where there was none, or its bowl was put away. */
  readonly lastGrams: number | null;
}

/** What weighs less than so many steps of the scale is no container to it. */
const LIGHTEST_STEPS = 20;
/** A container is recognised within this share of its weight, and never closer than two steps. */
const RECOGNISED_WITHIN = 0.01;

/**
 * The slips of a weighing, from its settled reading and those before it; none while it moves. At
 * most one is told at a time, the gravest first.
 */
export function weighingSlip(
  reading: Pick<ScaleReading, 'state' | 'grams' | 'isStable' | 'tareGrams'>,
  { containers, gridGrams, mostGrams, startGrams, settled, lastGrams }: WeighingSetting,
): WeighingSlip | null {
  const { state, grams, isStable, tareGrams } = reading;
  if (state !== 'on' || grams === null || !isStable) return null;
  const near = (value: number, to: number): boolean =>
    Math.abs(value - to) <= Math.max(2 * gridGrams, Math.abs(to) * RECOGNISED_WITHIN);
  const start = startGrams ?? 0;
  if (grams < start - 2 * gridGrams) {
    const isAllOff = tareGrams !== null && tareGrams > 2 * gridGrams && near(grams, -tareGrams);
    return { code: isAllOff || startGrams !== null ? 'lifted' : 'negative', grams };
  }
  const before = settled.at(-1);
  const jump = before === undefined ? null : grams - before;
  const isBegun = before !== undefined && before > start + 2 * gridGrams;
  if (jump !== null && isBegun && grams > mostGrams) {
    const added = containers.find(
      ({ grams: weight }) => weight >= LIGHTEST_STEPS * gridGrams && near(jump, weight),
    );
    if (added) return { code: 'container-added', container: added.name, grams: added.grams };
  }
  const isFirst = before === undefined;
  if (
    isFirst &&
    startGrams === null &&
    lastGrams !== null &&
    grams > 2 * gridGrams &&
    near(grams, lastGrams)
  ) {
    return { code: 'not-zeroed', grams };
  }
  return null;
}
