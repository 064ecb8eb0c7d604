import { heatIn, type HeatAnswer } from './heat.js';
import {
  measureIn,
  unitIn,
  type MeasureAnswer,
  type NoAnswer,
  type QuickKitchen,
} from './measure.js';
import { panBetween, type PanAnswer } from './pans.js';
import { unitsBetween, type UnitAnswer } from './units.js';
import { partsOf } from './question.js';

/** The answer to a quick question. */
export type QuickAnswer = MeasureAnswer | UnitAnswer | HeatAnswer | PanAnswer | NoAnswer;

/** A question longer than this is a recipe. */
const LONGEST = 200;

/**
 * Answers one line by itself: an amount of an ingredient or of nothing in particular, a heat, or one
 * pan against another.
 *
 * @example ask('1 3/4 cups cocoa in grams', kitchen) // a measure of 151 g
 * @example ask('1 cup in ml', kitchen) // 237 mL
 * @example ask('350 F', kitchen) // 177 °C, gas mark 4
 * @example ask('20 cm round to 23 cm', kitchen) // 1.3225 times the batch
 */
export function ask(text: string, kitchen: QuickKitchen): QuickAnswer {
  const { of, into } = partsOf(text.slice(0, LONGEST));
  if (of === '') return { kind: 'none', reason: 'empty', closest: [] };
  const heat = heatIn(of);
  if (heat) return heat;
  const pans = into === null ? null : panBetween(of, into);
  if (pans) return pans;
  // "flour as sold": no unit follows, so all of it is the question.
  const hasUnit = into !== null && unitIn(into, kitchen) !== null;
  const units = hasUnit ? unitsBetween(of, into, kitchen) : null;
  if (units) return units;
  const [matter, unit] = hasUnit ? [of, into] : [into ? `${of} ${into}` : of, null];
  const answer = measureIn(matter, unit, kitchen);
  if (answer.kind === 'measure') return answer;
  for (const [other, wanted] of otherwise(matter, unit, kitchen)) {
    const found = measureIn(other, wanted, kitchen);
    if (found.kind === 'measure') return found;
  }
  return answer;
}

/** "cup sugar" is one cup, "egg white grams" one egg white in grams: what is left out as one types. */
function* otherwise(
  matter: string,
  unit: string | null,
  kitchen: QuickKitchen,
): Generator<readonly [matter: string, unit: string | null]> {
  const one = (text: string): string => (/^[\d½¼¾⅓⅔⅛.]/.test(text) ? text : `1 ${text}`);
  const [, rest, last] = /^(.+?) ((?:fl )?[a-z.]+)$/i.exec(matter) ?? [];
  if (unit === null && rest && last && unitIn(last, kitchen)) yield [one(rest), last];
  yield [one(matter), unit];
}
