import { displayOf } from '../../bench/index.js';
import { defaultMethod, densityOf } from '../../measuring/index.js';
import { pick } from '../pick.js';
import { measuredByCup, measuredInPinches } from './pool.js';
import type { Draw } from './draw.js';
import { SCALE_SLIPS, type ScaleQuestion, type ScaleSlip } from './question.js';

const BOWLS = [186, 243, 312, 428, 655];
const WANTED = [60, 90, 120, 150, 200, 240, 250, 300, 350, 500];
const LITTLE = [0.8, 1.4, 1.8, 2.4, 2.8];
const GRID = 1;
/** A volume mode is only wrong of what is clearly not water. */
const NOT_WATER = 0.12;
const MOST_DRAWS = 200;

/**
 * A scale at which one thing is wrong, or nothing. What the recipe wants is in the bowl whenever
 * the scale can tell so; the display is as a scale of whole grams would show it.
 */
export function drawScale({ shelf, random }: Draw): ScaleQuestion | null {
  const slip = pick(SCALE_SLIPS, random);
  for (let draw = 0; draw < MOST_DRAWS; draw++) {
    const ingredient = pick(
      slip === 'too-little'
        ? measuredInPinches(shelf)
        : measuredByCup(shelf).filter(({ class: of }) => of !== 'liquid'),
      random,
    );
    const method = defaultMethod(ingredient);
    const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
    const isOffWater = basis && Math.abs(basis.gramsPerMillilitre - 1) > NOT_WATER;
    if (!isOffWater) continue;
    const bowlGrams = pick(BOWLS, random);
    const amount = pick(slip === 'too-little' ? LITTLE : WANTED, random);
    return {
      topic: 'scale',
      ingredientId: ingredient.id,
      bowlGrams,
      gridGrams: GRID,
      choices: SCALE_SLIPS,
      right: SCALE_SLIPS.indexOf(slip),
      ...shownWith(slip, amount, bowlGrams),
    };
  }
  return null;
}

function shownWith(
  slip: ScaleSlip,
  amount: number,
  bowlGrams: number,
): Pick<ScaleQuestion, 'wanted' | 'contentGrams' | 'unit' | 'shown'> {
  const inGrams = { wanted: { unit: 'g', amount }, contentGrams: amount, unit: 'g' } as const;
  switch (slip) {
    case 'nothing':
    case 'too-little':
      return { ...inGrams, shown: displayOf(amount, 'g', GRID).shown };
    case 'not-tared':
      return { ...inGrams, shown: displayOf(bowlGrams + amount, 'g', GRID).shown };
    case 'ounces':
      return { ...inGrams, unit: 'lb-oz', shown: displayOf(amount, 'lb-oz', GRID).shown };
    case 'water':
      return {
        wanted: { unit: 'ml', amount },
        contentGrams: amount,
        unit: 'ml',
        shown: displayOf(amount, 'ml', GRID).shown,
      };
  }
}
