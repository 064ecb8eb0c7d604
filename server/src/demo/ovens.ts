import type { KitchenOven } from '@ypsigram/contract';
import { OVEN_FOUND_OUT } from './bakes/story.js';

const WEEK = 7 * 86_400_000;

/** Dial and thermometer in °C: some 12 degrees hot, a little more at the hot end. */
const READINGS = [
  [150, 161],
  [165, 176],
  [180, 193],
  [200, 213],
  [220, 234],
] as const;
const FAN_READINGS = [
  [160, 178],
  [180, 199],
] as const;

/** The oven of the lock cottage, as it was measured on the day it was found out. */
export function demoOvens(now: Date): KitchenOven[] {
  const at = new Date(now.getTime() - OVEN_FOUND_OUT * WEEK).toISOString();
  const reading =
    (isFan: boolean) =>
    ([setCelsius, readCelsius]: readonly [number, number]) => ({
      setCelsius,
      readCelsius,
      isFan,
      at,
    });
  return [
    {
      name: 'lock cottage oven',
      hasFan: true,
      readings: [...READINGS.map(reading(false)), ...FAN_READINGS.map(reading(true))],
    },
    { name: 'small boat oven', hasFan: false, readings: [] },
  ];
}
