import { Fraction, mixed } from '../amount/index.js';
import { GRAMS_PER_OUNCE } from '../units/index.js';
import { BEAM_NOTCH_GRAMS, USUAL_SCALES, type ScaleDescription } from '../drawer/index.js';

/** What a baker reads off the scale. */
export const WEIGHED_IN = ['g', 'oz'] as const;
/** One of `WEIGHED_IN`: grams, or pounds and ounces. */
export type WeighedIn = (typeof WEIGHED_IN)[number];

/** The steps that scales show ounces in. */
const OUNCE_STEPS = [0.001, 0.005, 0.01, 0.05, 0.1, 0.5] as const;
const OUNCES_TO_THE_POUND = 16;

/** A weight as a scale can show it. */
export interface GridWeight {
  /** A whole number of steps of `grid`, in grams. */
  readonly grams: number;
  /** The scale's step, in grams. */
  readonly grid: number;
  /** As the scale shows it: grams, or pounds and ounces in quarters on a beam. */
  readonly shown: string;
}

/** What half a step of a scale may be off by where nothing says what is near enough. */
const NEAR_ENOUGH = 0.025;

/**
 * The weight on the grid of the scale that will weigh it: of those that can carry it, the one
 * with the coarsest step of which half is within `tolerance` (relative), else the finest; in
 * pounds and ounces for whoever weighs so. With the usual two scales and 1 % that is 0.1 g for
 * less than 50 g, else 1 g. A beam weighs only where there is nothing else. What
 * is less than half a step is shown as under one. This is where a mass is rounded, and the only place.
 *
 * @example
 * onScaleGrid(123.4).shown // "123 g"
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
  const grid = scale.gridGrams;
  const steps = Math.round(grams / grid);
  if (scale.kind === 'beam') {
    return { grams: steps * grid, grid, shown: showOunces(steps, grid) };
  }
  if (weighedIn === 'oz') return inOunces(grams, grid);
  const digits = decimalsOf(grid);
  // By its decimals, not by a product of steps, so that it stays on the grid exactly.
  const shown = (steps * grid).toFixed(digits);
  const isTooLittle = steps === 0 && grams > 0;
  return {
    grams: Number(shown),
    grid,
    // A scale shows nothing of it: that is no weight to go by.
    shown: isTooLittle ? tooLittle(grid) : `${shown} g`,
  };
}

/** A pinch weighs no more. */
const PINCH_GRAMS = 0.1;

const tooLittle = (grid: number): string =>
  grid <= PINCH_GRAMS ? `a pinch (under ${grid} g)` : `under ${grid} g`;

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
function inOunces(grams: number, gridGrams: number): GridWeight {
  const step =
    OUNCE_STEPS.find((ounces) => ounces * GRAMS_PER_OUNCE >= gridGrams) ?? OUNCE_STEPS.at(-1)!;
  const digits = decimalsOf(step);
  const steps = Math.round(grams / (step * GRAMS_PER_OUNCE));
  const ounces = steps * step;
  const pounds = Math.floor(ounces / OUNCES_TO_THE_POUND + 1e-9);
  const rest = `${(ounces - pounds * OUNCES_TO_THE_POUND).toFixed(digits)} oz`;
  return {
    grams: ounces * GRAMS_PER_OUNCE,
    grid: step * GRAMS_PER_OUNCE,
    shown:
      steps === 0 && grams > 0 ? `under ${step} oz` : pounds === 0 ? rest : `${pounds} lb ${rest}`,
  };
}

/** Digits after the point that a step needs: 0 for 1 or 5 g, 1 for 0.1 g, 2 for 0.01 or 0.05 g. */
function decimalsOf(grid: number): number {
  for (let digits = 0; digits < 3; digits++) {
    if (Math.abs(grid * 10 ** digits - Math.round(grid * 10 ** digits)) < 1e-9) return digits;
  }
  return 3;
}

function showOunces(steps: number, grid: number): string {
  const notches = Math.round((steps * grid) / BEAM_NOTCH_GRAMS);
  const pounds = Math.floor(notches / 64);
  const ounces = new Fraction(notches - pounds * 64, 4);
  if (pounds === 0) return `${mixed(ounces)} oz`;
  return ounces.valueOf() === 0 ? `${pounds} lb` : `${pounds} lb ${mixed(ounces)} oz`;
}
