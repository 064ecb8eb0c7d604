import { Fraction, mixed } from '@ypsigram/core/amount';
import { showFactor } from '@ypsigram/core/factor';
import type { BakeState, BeamSetting, Portions, SpoonAmount } from '@ypsigram/core/bench';
import { fixed, short } from '../wording/index.js';

/** "about 1 1/2 tbsp", "about 2 cups". */
export function spoonWords({ amount, unit }: SpoonAmount): string {
  const isMany = unit === 'cup' && amount.compare(1) > 0;
  return `about ${mixed(amount)} ${isMany ? 'cups' : unit}`;
}

/** A deviation in words: "5 % over", "3 % under". */
export const moreOrLess = (share: number): string =>
  `${fixed(Math.abs(100 * share), Math.abs(share) < 0.1 ? 1 : 0)} % ${share > 0 ? 'over' : 'under'}`;

/** How many times the recipe a batch is by now: "×2", "×1.147" once the rest was scaled. */
export function batchSize({ plan, times }: Pick<BakeState, 'plan' | 'times'>): string {
  if (times === 1) return `×${showFactor(new Fraction(plan.factor))}`;
  return `×${short(new Fraction(plan.factor).valueOf() * times, 3)}`;
}

/** How to set a beam: "2 loose pounds, and the poise at 3 1/4 oz". */
export function beamWords({ weights, ounces }: BeamSetting): string {
  const count = weights.length;
  const loose = count === 0 ? '' : `${count} loose ${count === 1 ? 'pound' : 'pounds'}`;
  const poise = ounces.valueOf() === 0 ? '' : `the poise at ${mixed(ounces)} oz`;
  return [loose, poise].filter(Boolean).join(', and ') || 'the poise at nothing';
}

/** What becomes of the dough that is left. */
export const REST_WORDS: Readonly<Record<Portions['rest'], string>> = {
  none: 'Nothing is left.',
  spread: 'Pinch it onto the others.',
  'small-one': 'It makes one small piece more.',
  'last-short': 'The last piece is a little lighter.',
};
