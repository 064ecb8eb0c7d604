import type { EChartsCoreOption } from 'echarts/core';
import { INK } from './ink';

/** What each colour of the day is at night. */
const NIGHT: Readonly<Record<keyof typeof INK, string>> = {
  ink: '#e6ebf5',
  soft: '#abb6cc',
  rule: '#3c4862',
  enamel: '#1b2334',
  cobalt: '#9fb8ff',
  mustard: '#e0a21b',
  mustardInk: '#f2cd7c',
  brick: '#f59a84',
  clay: '#d9a05c',
  straw: '#e6d69a',
  sage: '#a9d3b8',
  leaf: '#7fcfa4',
};
const BY_DAY = new Map<unknown, string>(
  Object.entries(INK).map(([name, colour]) => [colour, NIGHT[name as keyof typeof INK]]),
);

/** The same chart as it is drawn at night: each colour of the day is replaced, all else stays. */
export function atNight<T>(part: T): T;
export function atNight(part: unknown): unknown {
  if (typeof part === 'string') return BY_DAY.get(part) ?? part;
  // A shape may be drawn by a function, its colours in what it gives.
  if (typeof part === 'function')
    return (...given: unknown[]) => atNight(part(...given) as unknown);
  if (Array.isArray(part)) {
    return typeof part[0] === 'number' ? part : part.map((one: unknown) => atNight(one));
  }
  if (part === null || typeof part !== 'object') return part;
  return Object.fromEntries(
    Object.entries(part as EChartsCoreOption).map(([key, one]) => [key, atNight<unknown>(one)]),
  );
}
