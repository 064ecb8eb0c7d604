import { clean } from '../clean.js';
import type { Line } from '../line.js';
import { ovenIn, type OvenSetting } from './oven.js';
import { panIn, type PanSize } from './pans.js';
import { timesIn, type TimeSpan } from './times.js';

/** A line of a reading, by its place among the lines, and what it says. */
type At<T> = T & { readonly line: number };

/** What the steps and the yield say beside the ingredients: heat, time and pans. */
export interface TextFacts {
  readonly ovens: readonly At<OvenSetting>[];
  readonly times: readonly At<TimeSpan>[];
  readonly pans: readonly At<PanSize>[];
}

/** A line longer than this is not searched. */
const LONGEST = 2000;

/** The oven settings, times and pans that the lines of a recipe name, in their order. */
export function factsOf(lines: readonly Line[]): TextFacts {
  const ovens: At<OvenSetting>[] = [];
  const times: At<TimeSpan>[] = [];
  const pans: At<PanSize>[] = [];
  for (const [line, { kind, written }] of lines.entries()) {
    if (
      kind === 'ingredient' ||
      written.length > LONGEST ||
      !/\d|hour|hole|night|nacht|nuit|stunde|heure/i.test(written)
    )
      continue;
    const { text } = clean(written);
    const oven = ovenIn(text);
    if (oven) ovens.push({ ...oven, line });
    for (const time of timesIn(text)) times.push({ ...time, line });
    const pan = panIn(text);
    if (pan) pans.push({ ...pan, line });
  }
  return { ovens, times, pans };
}
