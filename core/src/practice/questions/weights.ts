import { defaultMethod, densityOf, methodsFor } from '../../measuring/index.js';
import { millilitresIn } from '../../units/index.js';
import { pick } from '../pick.js';
import { cupOf, isFromSource, measuredByCup, ofClasses, shuffled, withRightFirst } from './pool.js';
import type { Draw } from './draw.js';
import type { CupOf, EstimateQuestion, HeavierQuestion, OrderQuestion } from './question.js';

/** Two cups are only compared where they differ by this many grams. */
const LEAST_GRAMS = 8;
/** The wrong difference is so many times the right one. */
const WRONG_TIMES = [0.4, 2.2];
/** Neighbours in an order differ by this share: nobody is asked to split hairs. */
const APART = 0.1;
const CUPS = 4;
const COUNTS = {
  cup: [0.5, 1, 1.5, 2, 3],
  tbsp: [1, 2, 3, 4],
  tsp: [1, 2, 3],
} as const;
/** Enough draws to find a pair in any shelf that has one. */
const MOST_DRAWS = 500;

/** One ingredient filled in two ways, or two that are taken for alike. */
export function drawHeavier(draw: Draw): HeavierQuestion | null {
  const { random } = draw;
  for (let attempt = 0; attempt < MOST_DRAWS; attempt++) {
    const pair = random.uniform() < 0.6 ? sameFilledTwice(draw) : twoIngredients(draw);
    const [a, b] = pair;
    if (!a || !b || Math.abs(a.grams - b.grams) < LEAST_GRAMS) continue;
    const cups = (random.uniform() < 0.5 ? [a, b] : [b, a]) as [CupOf, CupOf];
    const heavier = cups[0].grams > cups[1].grams ? 0 : 1;
    const grams = Math.abs(cups[0].grams - cups[1].grams);
    const wrong = grams * pick(WRONG_TIMES, random);
    const lighter = heavier === 0 ? 1 : 0;
    const choices = [
      { cup: heavier, grams },
      { cup: heavier, grams: wrong },
      { cup: lighter, grams },
      { cup: lighter, grams: wrong },
    ] as const;
    return { topic: 'heavier', cups, ...withRightFirst(choices, random) };
  }
  return null;
}

function sameFilledTwice({ shelf, standard, random }: Draw): readonly (CupOf | null)[] {
  const ingredient = pick(ofClasses(shelf, 'powder', 'moist', 'chunk'), random);
  const methods = shuffled(
    methodsFor(ingredient).filter((method) => isFromSource(ingredient, method)),
    random,
  );
  return methods.slice(0, 2).map((method) => cupOf(ingredient, standard, method));
}

function twoIngredients({ shelf, standard, random }: Draw): readonly (CupOf | null)[] {
  const two = shuffled(measuredByCup(shelf), random).slice(0, 2);
  return two.map((ingredient) => cupOf(ingredient, standard));
}

/** Four cups of different things, each clearly heavier than the one before. */
export function drawOrder({ shelf, standard, random }: Draw): OrderQuestion | null {
  const chosen: CupOf[] = [];
  for (const ingredient of shuffled(measuredByCup(shelf), random)) {
    const cup = cupOf(ingredient, standard);
    const isApart =
      cup &&
      chosen.every(
        ({ grams }) => Math.max(grams, cup.grams) / Math.min(grams, cup.grams) > 1 + APART,
      );
    if (isApart) chosen.push(cup);
    if (chosen.length === CUPS) break;
  }
  if (chosen.length < CUPS) return null;
  const indexes = chosen.map((_, at) => at);
  return {
    topic: 'order',
    cups: chosen,
    right: indexes.sort((a, b) => chosen[a]!.grams - chosen[b]!.grams),
  };
}

/** How many grams so many cups or spoons of something are. */
export function drawEstimate({ shelf, standard, random }: Draw): EstimateQuestion {
  const ingredient = pick(measuredByCup(shelf), random);
  const unit = pick(['cup', 'cup', 'tbsp'] as const, random);
  const count = pick(COUNTS[unit], random);
  const method = defaultMethod(ingredient);
  const basis = densityOf({ ingredient, form: null, method, size: unit })!;
  const grams = basis.gramsPerMillilitre * millilitresIn(unit, standard).valueOf();
  return {
    topic: 'estimate',
    count,
    unit,
    cup: { ingredientId: ingredient.id, form: null, method, grams },
    right: count * grams,
  };
}
