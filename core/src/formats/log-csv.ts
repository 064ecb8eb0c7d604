import { RATIO_PARTS } from '../formula/index.js';
import type { BakeOutcome } from '../log/index.js';
import { writeCsv } from './csv.js';

const COLUMNS = [
  'date',
  'recipe',
  'hand',
  'factor',
  'rating',
  'kept as good',
  'thrown away',
  'symptoms',
  'minutes in the oven',
  'dial °C',
  ...RATIO_PARTS.map((part) => `${part} %`),
  ...RATIO_PARTS.map((part) => `${part} off %`),
] as const;

const DIGITS = 3;
const figure = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(Number(value.toFixed(DIGITS)));

/** The log as a CSV table, a row to each bake; what was not told is left empty. */
export function writeLogCsv(
  outcomes: readonly BakeOutcome[],
  hands: ReadonlyMap<string, string>,
): string {
  return writeCsv(
    COLUMNS,
    outcomes.map((bake) => ({
      date: bake.at,
      recipe: bake.title,
      hand: bake.handId === null ? '' : (hands.get(bake.handId) ?? ''),
      factor: figure(bake.factor),
      rating: figure(bake.rating),
      'kept as good': bake.isGood ? 'yes' : '',
      'thrown away': bake.isWasted ? 'yes' : '',
      symptoms: bake.symptoms.join(' '),
      'minutes in the oven': figure(bake.minutes),
      'dial °C': figure(bake.dialCelsius),
      ...Object.fromEntries(RATIO_PARTS.map((part) => [`${part} %`, figure(bake.ratios[part])])),
      ...Object.fromEntries(
        RATIO_PARTS.map((part) => {
          const off = bake.deviations[part];
          return [`${part} off %`, figure(off === undefined ? undefined : 100 * off)];
        }),
      ),
    })),
  );
}
