import { USUAL_KITCHEN } from '@ypsigram/contract';
import { SimulatedOven } from './simulated/oven.js';
import { SimulatedScale } from './simulated/scale.js';

export { openStandInWeb, type StandInWeb } from './stand-in-web/index.js';

/** The luck of typical fills until somebody chooses another. */
const FIRST_SEED = 2026;

/** The scale that ships: simulated, and at first the usual kitchen scale. */
export function openScale(): SimulatedScale {
  const { name, gridGrams, capacityGrams } = USUAL_KITCHEN.scales[0]!;
  return new SimulatedScale({
    scale: { name, gridGrams, capacityGrams, units: ['g', 'oz', 'lb-oz', 'ml'] },
    seed: FIRST_SEED,
  });
}

/** The oven that ships: simulated, with a thermometer in it, and a dial that is wrong as dials are. */
export const openOven = (): SimulatedOven => new SimulatedOven(FIRST_SEED);
