import type { Temperature } from '@ypsigram/contract';
import { gasMarkOf } from '@ypsigram/core/units';
import { DEGREES, degreesOf } from './heat';

const STEP = 5;

/** A heat as an oven of this kitchen shows it, to the degree: "177 °C". */
export const showHeat = (celsius: number, unit: Temperature): string =>
  `${Math.round(degreesOf(celsius, unit))} ${DEGREES[unit]}`;

/** How far two heats are apart: 20 °C are 36 °F, whatever the heats are. */
export const showHeatApart = (celsius: number, unit: Temperature): string =>
  `${Math.round(degreesOf(celsius, unit) - degreesOf(0, unit))} ${DEGREES[unit]}`;

/** What a dial is set to, to the nearest 5 degrees: dials are no finer. */
export const showDial = (celsius: number, unit: Temperature): string =>
  `${Math.round(degreesOf(celsius, unit) / STEP) * STEP} ${DEGREES[unit]}`;

const GAS_FRACTIONS: Readonly<Record<string, string>> = { '0.25': '1/4', '0.5': '1/2' };

/** The gas mark of a heat: "gas mark 4"; empty where no cooker has one. */
export function showGasMark(celsius: number): string {
  const mark = gasMarkOf(celsius);
  return mark === null ? '' : `gas mark ${GAS_FRACTIONS[mark] ?? mark}`;
}
