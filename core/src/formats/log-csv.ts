import { RATIO_PARTS, type RatioPart } from '../batch/index.js';
import type { BakeOutcome } from '../log/index.js';
import { writeCsv } from './csv.js';

/** The columns of a table of bakes that are there whatever the recipe. */
export const LOG_COLUMNS = [
  'date',
  'recipe',
  'hand',
  'factor',
  'rating',
  'good',
  'wasted',
  'symptoms',
  'minutes',
  'dial',
] as const;
/** One of `LOG_COLUMNS`. */
export type LogColumn = (typeof LOG_COLUMNS)[number];

/** What stands over the columns, and for what is so. */
export interface LogWords {
  readonly heads: Readonly<Record<LogColumn, string>>;
  /** Over the percent of a part, and over how far it was off. */
  readonly share: (part: RatioPart) => string;
  readonly off: (part: RatioPart) => string;
  readonly yes: string;
}

const DIGITS = 3;
const figure = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(Number(value.toFixed(DIGITS)));

/** The log as a CSV table, a row to each bake; what was not told is left empty. */
export function writeLogCsv(
  outcomes: readonly BakeOutcome[],
  hands: ReadonlyMap<string, string>,
  { heads, share, off, yes }: LogWords,
): string {
  return writeCsv(
    [
      ...LOG_COLUMNS.map((column) => heads[column]),
      ...RATIO_PARTS.map(share),
      ...RATIO_PARTS.map(off),
    ],
    outcomes.map((bake) => {
      const cells: Readonly<Record<LogColumn, string>> = {
        date: bake.at,
        recipe: bake.title,
        hand: bake.handId === null ? '' : (hands.get(bake.handId) ?? ''),
        factor: figure(bake.factor),
        rating: figure(bake.rating),
        good: bake.isGood ? yes : '',
        wasted: bake.isWasted ? yes : '',
        symptoms: bake.symptoms.join(' '),
        minutes: figure(bake.minutes),
        dial: figure(bake.dialCelsius),
      };
      return Object.fromEntries([
        ...LOG_COLUMNS.map((column) => [heads[column], cells[column]]),
        ...RATIO_PARTS.flatMap((part) => {
          const deviation = bake.deviations[part];
          return [
            [share(part), figure(bake.ratios[part])],
            [off(part), figure(deviation === undefined ? undefined : 100 * deviation)],
          ];
        }),
      ]) as Record<string, string>;
    }),
  );
}
