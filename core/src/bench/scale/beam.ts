import { Fraction } from '../../amount/index.js';
import { BEAM_NOTCH_GRAMS, POISE_GRAMS } from '../../drawer/index.js';

/** How to set a beam scale. */
export interface BeamSetting {
  /** Loose weights to lay on, in grams, the heaviest first. */
  readonly weights: readonly number[];
  /** Notches of the poise, a quarter ounce each. */
  readonly notches: number;
  /** What the poise stands on, in ounces: notches as quarters. */
  readonly ounces: Fraction;
  /** What it then balances. */
  readonly grams: number;
}

/** Pounds beyond the poise come as loose weights, each the weight of a full poise. */
const LOOSE_WEIGHT_GRAMS = POISE_GRAMS;

const NOTCHES_PER_OUNCE = 4;

/**
 * How to set a beam scale for a mass: a loose weight for each full poise of 16 oz, and the poise
 * on the nearest quarter ounce for the rest. The scoop hangs against its counterweight and needs
 * no tare.
 *
 * @example
 * beamSetting(500) // one loose pound and 7 notches: 503.2 g, the nearest quarter ounce
 */
export function beamSetting(grams: number): BeamSetting {
  const steps = Math.round(grams / BEAM_NOTCH_GRAMS);
  const perWeight = Math.round(LOOSE_WEIGHT_GRAMS / BEAM_NOTCH_GRAMS);
  const loose = Math.max(0, Math.ceil(steps / perWeight) - 1);
  const notches = steps - loose * perWeight;
  return {
    weights: Array.from({ length: loose }, () => LOOSE_WEIGHT_GRAMS),
    notches,
    ounces: new Fraction(notches, NOTCHES_PER_OUNCE),
    grams: steps * BEAM_NOTCH_GRAMS,
  };
}
