import { clausesOf, isOvenHeat } from './clauses.js';
import type { Heat } from './heats.js';
import { sentencesOf } from './sentences.js';

/** An oven setting that a text names, in degrees Celsius. */
export interface OvenSetting extends Pick<Heat, 'celsius' | 'fanCelsius' | 'gasMark' | 'isGuess'> {
  readonly written: string;
}

/**
 * The first oven setting in a text: "180 °C (160 °C fan), gas 4", "350 °F", "Ofen auf 200 °C
 * vorheizen", "th. 6". Null where no oven is spoken of: milk, syrup and the middle of a loaf have
 * heats of their own.
 */
export function ovenIn(text: string): OvenSetting | null {
  for (const sentence of sentencesOf(text)) {
    for (const clause of clausesOf(sentence)) {
      const heat = clause.heats.find((one) => isOvenHeat(clause, one));
      if (!heat) continue;
      const { start: _, end: __, ...setting } = heat;
      return { ...setting, written: text };
    }
  }
  return null;
}
