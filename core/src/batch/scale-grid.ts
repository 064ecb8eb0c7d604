/** A weight as a scale can show it. */
export interface GridWeight {
  /** A whole number of steps of `grid`, in grams. */
  readonly grams: number;
  /** The scale's step, in grams. */
  readonly grid: number;
  readonly shown: string;
}

const KITCHEN_GRID = 1;
const FINE_GRID = 0.1;
/** Below this a kitchen scale's step is too coarse, and the fine scale is used. */
const FINE_BELOW_GRAMS = 20;

/**
 * The weight on the grid of the scale that will weigh it: 0.1 g for less than 20 g, else
 * 1 g. This is where a mass is rounded, and the only place.
 */
export function onScaleGrid(grams: number): GridWeight {
  const fine = grams < FINE_BELOW_GRAMS;
  // Whole tenths are divided, not multiplied by 0.1, so that they stay on the grid exactly.
  const weighed = fine ? Math.round(grams / FINE_GRID) / 10 : Math.round(grams);
  return {
    grams: weighed,
    grid: fine ? FINE_GRID : KITCHEN_GRID,
    shown: `${fine ? weighed.toFixed(1) : weighed} g`,
  };
}
