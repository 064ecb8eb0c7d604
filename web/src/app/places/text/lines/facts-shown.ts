import { short, type Temperature } from '@ypsigram/contract';
import {
  factsOf,
  type OvenSetting,
  type PanSize,
  type TimeSpan,
} from '@ypsigram/core/reading/facts';
import { DEGREES, degreesOf } from '../../../kit/figures/heat';
import type { Line } from '@ypsigram/core/reading';

const PURPOSES: Readonly<Record<TimeSpan['purpose'], string>> = {
  preparing: 'prepare',
  baking: 'bake',
  mixing: 'mix',
  cooking: 'cook',
  total: 'total',
  proving: 'prove',
  chilling: 'chill',
  resting: 'rest',
  other: 'for',
};

const degrees = (celsius: number, unit: Temperature): string =>
  `${Math.round(degreesOf(celsius, unit))} ${DEGREES[unit]}`;

function oven({ celsius, fanCelsius, gasMark, isGuess }: OvenSetting, unit: Temperature): string {
  if (isGuess) return `oven about ${degrees(celsius, unit)} (a guess)`;
  const fan = fanCelsius === null ? '' : `, ${degrees(fanCelsius, unit)} with the fan`;
  return `oven ${degrees(celsius, unit)}${fan}${gasMark === null ? '' : `, gas ${gasMark}`}`;
}

const minutes = (value: number): string =>
  value >= 120 || value === 60
    ? `${short(value / 60, 1)} h`
    : value < 1
      ? `${Math.round(value * 60)} s`
      : `${short(value, 1)} min`;

function time({ purpose, minMinutes, maxMinutes }: TimeSpan): string {
  const [from, to] = [minutes(minMinutes), minutes(maxMinutes)];
  const unit = / (?:h|min|s)$/.exec(to)![0];
  // "25 to 30 min": one unit for both, where it is the same.
  const first = from.endsWith(unit) ? from.slice(0, -unit.length) : from;
  return `${PURPOSES[purpose]} ${from === to ? to : `${first} to ${to}`}`;
}

function pan({ shape, count, lengthCm, widthCm, heightCm }: PanSize): string {
  if (shape === 'moulds') return `${count} moulds`;
  const sides = [lengthCm, widthCm, heightCm]
    .filter((side) => side !== null)
    .map((side) => short(side, 1));
  return `${count > 1 ? `${count} × ` : ''}${shape} tin, ${sides.join(' × ')} cm`;
}

/** What a step or yield says of heat, time and tins, in a few words; null where nothing. */
export function factsShown(line: Line, unit: Temperature): string | null {
  const { ovens, times, pans } = factsOf([line]);
  const shown = [...ovens.map((one) => oven(one, unit)), ...pans.map(pan), ...times.map(time)];
  return shown.length === 0 ? null : shown.join(' · ');
}
