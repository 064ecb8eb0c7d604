import { GRAMS_PER_OUNCE } from '../units/index.js';

/** A scale of the kitchen, as its owner describes it. */
export interface ScaleDescription {
  readonly name: string;
  readonly kind: 'kitchen' | 'fine' | 'beam';
  /** The most it can carry, container included, in grams. */
  readonly capacityGrams: number;
  /** Its step, in grams; of a beam, one notch of the poise. */
  readonly gridGrams: number;
  /** A scale without tare shows the container along with what is in it. */
  readonly hasTare: boolean;
}

/** A notch of the poise. */
export const BEAM_NOTCH_GRAMS = GRAMS_PER_OUNCE / 4;

/** The most the poise can balance; loose weights beside it carry the rest. */
export const POISE_GRAMS = 16 * GRAMS_PER_OUNCE;

/** What a kitchen is taken to weigh with until it says otherwise; named after their kinds. */
export const USUAL_SCALES: readonly ScaleDescription[] = [
  { name: 'kitchen', kind: 'kitchen', capacityGrams: 5000, gridGrams: 1, hasTare: true },
  { name: 'fine', kind: 'fine', capacityGrams: 500, gridGrams: 0.1, hasTare: true },
];

/** The finest step of a usual kitchen, and how many steps such a scale carries. */
const FINE_GRAMS = 0.1;
const STEPS = 5000;

/** A scale finer than all of these: a fine one, else ten times as fine as the finest. */
export function finerScale(scales: readonly ScaleDescription[]): Omit<ScaleDescription, 'name'> {
  const finest = Math.min(...scales.map(({ gridGrams }) => gridGrams));
  const gridGrams = finest > FINE_GRAMS ? FINE_GRAMS : Number((finest / 10).toPrecision(3));
  return {
    kind: 'fine',
    capacityGrams: gridGrams * STEPS,
    gridGrams,
    hasTare: true,
  };
}
