import { GRAMS_PER_OUNCE } from '../units/index.js';
import { USUAL_SCALES, type ScaleDescription } from '../drawer/index.js';

/** What a baker reads off the scale. */
export const WEIGHED_IN = ['g', 'oz'] as const;
/** One of `WEIGHED_IN`: grams, or pounds and ounces. */
export type WeighedIn = (typeof WEIGHED_IN)[number];

/** What a scale can show: the digits of one that weighs so, or the notches of a beam. */
export const DIALS = [...WEIGHED_IN, 'beam'] as const;
/** One of `DIALS`. */
export type Dial = (typeof DIALS)[number];

/** The steps that scales show ounces in. */
const OUNCE_STEPS = [0.001, 0.005, 0.01, 0.05, 0.1, 0.5] as const;

/** A weight as a scale can show it. */
export interface GridWeight {
  /** A whole number of steps of `grid`, in grams. */
  readonly grams: number;
  /** The scale's step, in grams. */
  readonly grid: number;
  /** What the scale shows: grams, pounds and ounces, or the notches of a beam. */
  readonly dial: Dial;
  /** There is something, but less than half a step: a scale shows nothing of it. */
  readonly isUnderStep: boolean;
  /** What the scale carries when it is right, in grams; more than `grams` where it is stirred into flour. */
  readonly onScale: number;
}

/** What half a step of a scale may be off by where nothing says what is near enough. */
const NEAR_ENOUGH = 0.025;

/**
 * The weight on the grid of the scale that will weigh it: of those that can carry it, the one
 * with the coarsest step of which half is within `tolerance` (relative), else the finest; in
 * pounds and ounces for whoever weighs so. With the usual two scales and 1 % that is 0.1 g for
 * less than 50 g, else 1 g. A beam weighs only where there is nothing else. What
 * is less than half a step is under one. This is where a mass is rounded, and the only place.
 *
 * @example
 * onScaleGrid(123.4).grams // 123
 */
export function onScaleGrid(
  grams: number,
  scales: readonly ScaleDescription[] = USUAL_SCALES,
  weighedIn: WeighedIn = 'g',
  tolerance = NEAR_ENOUGH,
): GridWeight {
  const digital = scales.filter(({ kind }) => kind !== 'beam');
  const owned = scales.length > 0 ? scales : USUAL_SCALES;
  const scale = suitable(grams, digital.length > 0 ? digital : owned, tolerance);
  const isBeam = scale.kind === 'beam';
  if (weighedIn === 'oz' && !isBeam) return onOunceGrid(grams, scale.gridGrams);
  return onGrid(grams, scale.gridGrams, isBeam ? 'beam' : 'g');
}

function onGrid(mass: number, grid: number, dial: Dial): GridWeight {
  const steps = Math.round(mass / grid);
  // By its decimals, not by a product of steps alone, so that grams stay on the grid exactly.
  const grams = dial === 'g' ? Number((steps * grid).toFixed(decimalsOf(grid))) : steps * grid;
  return { grams, grid, dial, isUnderStep: steps === 0 && mass > 0, onScale: grams };
}

function suitable(
  grams: number,
  scales: readonly ScaleDescription[],
  tolerance: number,
): ScaleDescription {
  let best: ScaleDescription | null = null;
  let finest: ScaleDescription | null = null;
  for (const scale of scales) {
    if (scale.capacityGrams < grams) continue;
    if (!finest || scale.gridGrams < finest.gridGrams) finest = scale;
    const fine = scale.gridGrams / 2 <= grams * tolerance * (1 + 1e-12);
    if (fine && (!best || scale.gridGrams > best.gridGrams)) best = scale;
  }
  // More than any can carry is weighed in loads, on the one that carries most.
  return (
    best ??
    finest ??
    scales.reduce((most, scale) => (scale.capacityGrams > most.capacityGrams ? scale : most))
  );
}

/** On a scale switched to ounces, whose step there is the next that is as coarse as in grams. */
function onOunceGrid(grams: number, gridGrams: number): GridWeight {
  const step =
    OUNCE_STEPS.find((ounces) => ounces * GRAMS_PER_OUNCE >= gridGrams) ?? OUNCE_STEPS.at(-1)!;
  return onGrid(grams, step * GRAMS_PER_OUNCE, 'oz');
}

/** Digits after the point that a step needs: 0 for 1 or 5 g, 1 for 0.1 g, 2 for 0.01 or 0.05 g. */
export function decimalsOf(grid: number): number {
  for (let digits = 0; digits < 3; digits++) {
    if (Math.abs(grid * 10 ** digits - Math.round(grid * 10 ** digits)) < 1e-9) return digits;
  }
  return 3;
}
