import { mean, sampleStandardDeviation } from 'simple-statistics';
import { waterDensity } from '../units/index.js';
import { studentT95 } from './student.js';

/** A tool filled with water to its brim or line, and weighed, a few times over. */
export interface WaterFills {
  /** Net mass of the water of each fill, in grams. */
  readonly grams: readonly number[];
  /** Temperature of the water. */
  readonly celsius: number;
  /** Step of the scale that weighed it, in grams. */
  readonly grid: number;
}

/** What a tool really holds. */
export interface ToolCalibration {
  readonly millilitres: number;
  /** Half-width of the 95 % interval of the mean, in millilitres; Infinity with one fill. */
  readonly uncertainty: number;
  /** Relative difference from what is stamped on it, and the half-width of its 95 % interval. */
  readonly difference: number;
  readonly differenceUncertainty: number;
  readonly fills: number;
  /** Enough fills to be believed. */
  readonly isEnough: boolean;
}

/** A mean of fewer fills is not used. */
export const FEWEST_FILLS = 3;

/** Density of air at sea level, and of the weights that scales are adjusted with, in kg/m³. */
const AIR = 1.2;
const STEEL = 8000;

/**
 * Volume in millilitres of `grams` of water as a scale shows them, at `celsius`. Water is
 * lighter in air than its mass by what it displaces, which a scale adjusted with steel weights
 * only partly makes up: about a thousandth. After ISO 4787, equation for the volume at the
 * temperature of the water; the expansion of the tool is left out.
 *
 * @throws RangeError for water outside 0 to 40 °C.
 *
 * @example
 * waterVolume(236, 20) // 236.673
 */
export function waterVolume(grams: number, celsius: number): number {
  return ((1000 * grams) / (waterDensity(celsius) - AIR)) * (1 - AIR / STEEL);
}

/**
 * What a tool holds, from fills of water. The uncertainty takes in the scatter of the fills
 * (Student's t, for they are few) and the step of the scale (a rectangle of its width).
 *
 * @throws RangeError without fills, or for water outside 0 to 40 °C.
 *
 * @example
 * calibrateTool({ grams: [236.1, 235.9, 236], celsius: 20, grid: 0.1 }, 236.588)
 * // 236.67 mL ± 0.26 mL: what is stamped is right
 */
export function calibrateTool(
  { grams, celsius, grid }: WaterFills,
  stampedMillilitres: number,
): ToolCalibration {
  if (grams.length === 0) throw new RangeError('A calibration needs at least one fill');
  const volumes = grams.map((mass) => waterVolume(mass, celsius));
  const millilitres = mean(volumes);
  const fills = volumes.length;
  const scatter = fills > 1 ? sampleStandardDeviation(volumes) / Math.sqrt(fills) : Infinity;
  const step = waterVolume(grid, celsius) / Math.sqrt(12);
  const uncertainty = Math.hypot(
    fills > 1 ? studentT95(fills - 1) * scatter : Infinity,
    1.96 * step,
  );
  return {
    millilitres,
    uncertainty,
    difference: millilitres / stampedMillilitres - 1,
    differenceUncertainty: uncertainty / stampedMillilitres,
    fills,
    isEnough: fills >= FEWEST_FILLS,
  };
}
