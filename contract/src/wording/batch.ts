import { LARGEST_FACTOR, type BatchProblem, type FactorProblem } from '@ypsigram/core/factor';
import type { Advice, PlanLine } from '@ypsigram/core/batch';
import type { Caution } from '@ypsigram/core/formula';
import { METHOD_NAMES } from './names.js';

/** What is wrong with a batch factor, and what to write instead. */
export const FACTOR_PROBLEMS: Readonly<Record<FactorProblem, string>> = {
  empty: 'Say how many times the recipe you want: 2, 1.5 or 3/2.',
  'not-a-number': 'That is not a number the batch can be multiplied by. Write 2, 1.5 or 3/2.',
  'not-positive': 'A batch needs a factor over zero. Write 1/2 for half of it.',
  'too-large': `A batch can be at most ${LARGEST_FACTOR} times the recipe.`,
};

const PROBLEMS: Readonly<Record<string, string>> = {
  'no-yield': 'The recipe does not say how many it makes. Write “Makes 12” into it.',
  'no-mass': 'No line of this recipe has a weight yet, so its dough has none either.',
  'no-eggs': 'This recipe has no whole eggs to go by.',
  'not-in-recipe': 'The recipe has none of this ingredient.',
  'no-limits': 'Say what there is of at least one ingredient.',
  'empty-pan': 'The hole of a ring is narrower than the ring.',
};

/** Why a batch can't be set so, and what to do. */
export function batchProblemMessage({ code }: BatchProblem): string {
  return PROBLEMS[code] ?? FACTOR_PROBLEMS[code as keyof typeof FACTOR_PROBLEMS];
}

/** What to keep in mind with this batch. Local rules go before all of it. */
export const CAUTION_MESSAGES: Readonly<Record<Caution, string>> = {
  preserving:
    'Preserving is not scaled here: acid, salt and time must fit the jar. Use a tested recipe from your food-safety authority.',
  'not-linear':
    'Beyond half or double, leavening, salt and strong spices do not follow a straight line. Bake a trial first.',
  'bake-time':
    'Baking time does not grow with the batch: it goes by the size of each piece or pan.',
  'by-eye':
    'In a batch of this size weigh leavening, strong spices and extracts; don’t judge them by eye.',
  'raw-flour': 'Raw flour is not safe to taste.',
  'raw-egg': 'Raw egg is not safe to taste.',
};

const percent = (part: number): string => `${(100 * Math.abs(part)).toFixed(1)} %`;
const towards = (gap: number): string => `${percent(gap)} ${gap < 0 ? 'under' : 'over'}`;
const grams = (mass: number): string => `${Number(mass.toFixed(2))} g`;

/** What would mend a line, in a sentence; by `carrier` its premix is stirred into the flour. */
export function adviceMessage(advice: Advice): string {
  switch (advice.mend) {
    case 'method':
      return `${towards(advice.gap)}. Filled ${METHOD_NAMES[advice.method]} it is ${percent(advice.gapThen)} off.`;
    case 'tools':
      return `${towards(advice.gap)} with this tool alone. With all of them ${percent(advice.gapThen)} off.`;
    case 'weigh':
      return `${towards(advice.gap)}. No filling comes near enough: weigh it.`;
    case 'premix': {
      const { tinyGrams, carrierGrams, takeGrams } = advice.premix;
      return `Too little for this scale, which may be ${percent(advice.gap)} off. Stir ${grams(tinyGrams)} of it into ${grams(carrierGrams)} of the flour, and weigh ${grams(takeGrams)} of that.`;
    }
    case 'fine-scale':
      return `Too little for this scale, which may be ${percent(advice.gap)} off. It wants a finer scale.`;
  }
}

/**
 * What to do about the premixes of a plan, by the index of the line that it stands beside: how it
 * is made and what is weighed of it, and what less is weighed of the flour that carries it.
 */
export function premixMessages(lines: readonly PlanLine[]): ReadonlyMap<number, string> {
  const messages = new Map<number, string>();
  const carried = new Map<number, number>();
  for (const [index, { premix }] of lines.entries()) {
    if (!premix) continue;
    const { tinyGrams, carrierGrams, takeGrams, holdsGrams, carrier } = premix;
    messages.set(
      index,
      `Of a premix: stir ${grams(tinyGrams)} into ${grams(carrierGrams)} of the flour, and weigh ${grams(takeGrams)} of that.`,
    );
    carried.set(carrier, (carried.get(carrier) ?? 0) + takeGrams - holdsGrams);
  }
  for (const [carrier, mass] of carried) {
    const weight = lines[carrier]?.weight;
    if (!weight) continue;
    // On the step of the scale that weighs it, as the line itself is.
    const rest = Math.round((weight.grams - mass) / weight.grid) * weight.grid;
    messages.set(carrier, `${grams(mass)} of it come with the premix: weigh ${grams(rest)}.`);
  }
  return messages;
}
