import type { Temperature } from '@ypsigram/contract';

export const DEGREES: Readonly<Record<Temperature, string>> = { celsius: '°C', fahrenheit: '°F' };

/** A temperature in degrees of the unit that this kitchen uses. */
export const degreesOf = (celsius: number, unit: Temperature): number =>
  unit === 'celsius' ? celsius : (celsius * 9) / 5 + 32;

/** Degrees Celsius of a temperature in the unit that this kitchen uses. */
export const celsiusOf = (degrees: number, unit: Temperature): number =>
  unit === 'celsius' ? degrees : ((degrees - 32) * 5) / 9;
