import { heatIn, type HeatAnswer } from './heat.js';
import {
  measureIn,
  unitIn,
  type MeasureAnswer,
  type NoAnswer,
  type QuickKitchen,
} from './measure.js';
import { panBetween, type PanAnswer } from './pans.js';
import { partsOf } from './question.js';

/** The answer to a quick question. */
export type QuickAnswer = MeasureAnswer | HeatAnswer | PanAnswer | NoAnswer;

/** A question longer than this is a recipe. */
const LONGEST = 200;

/**
 * Answers one line by itself: an amount of an ingredient, a heat, or one pan against another.
 *
 * @example ask('1 3/4 cups cocoa in grams', kitchen) // a measure of 151 g
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
  return hasUnit
    ? measureIn(of, into, kitchen)
    : measureIn(into ? `${of} ${into}` : of, null, kitchen);
}
