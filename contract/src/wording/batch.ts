import { fixed, short } from './figures.js';
import { LARGEST_FACTOR, type BatchProblem, type FactorProblem } from '@ypsigram/core/factor';
import type { Advice, LineReason, OpenLine, PlanLine, RatioPart } from '@ypsigram/core/batch';
import type { Caution, DoubtfulAmount } from '@ypsigram/core/formula';
import { fillName } from './measures.js';
import { METHOD_NAMES } from './names.js';

/** What is wrong with a batch factor, and what to write instead. */
export const FACTOR_PROBLEMS: Readonly<Record<FactorProblem, string>> = {
  empty: 'Write how many times the recipe you want, for example 2, 1.5 or 3/2.',
  'not-a-number':
    'This is not a number. Write how many times the recipe you want, for example 2, 1.5 or 3/2.',
  'not-positive': 'Write a factor above 0, for example 1/2 for half the recipe.',
  'too-large': `A batch can be at most ${LARGEST_FACTOR} times the recipe.`,
};

const PROBLEMS: Readonly<Record<string, string>> = {
  'no-yield': 'The recipe does not say how many it makes. Add a line such as “Makes 12” to it.',
  'no-mass':
    'No ingredient of this recipe has a known weight yet, so the dough weight is not known.',
  'no-eggs': 'This recipe has no whole eggs to count.',
  'not-in-recipe': 'This ingredient is not in the recipe.',
  'no-limits': 'Write how much you have of at least one ingredient.',
  'empty-pan': 'The hole must be narrower than the tin.',
  unweighed:
    'Some ingredients have no weight yet, so the dough weight is not known. Weigh them or write their grams first.',
  'maybe-preserving':
    'Say first whether this is for keeping outside the fridge: what is made to keep is not scaled.',
  preserving:
    'Preserves are not scaled: acid, salt and time keep them safe. Use a tested recipe of that size from your food-safety authority.',
};

/** Why a batch can't be set so, and what to do. */
export function batchProblemMessage({ code }: BatchProblem): string {
  return PROBLEMS[code] ?? FACTOR_PROBLEMS[code as keyof typeof FACTOR_PROBLEMS];
}

/** What to keep in mind with this batch. Local rules go before all of it. */
export const CAUTION_MESSAGES: Readonly<Record<Caution, string>> = {
  preserving:
    'This is for keeping, so it is shown as written: not scaled and not converted. Acid, salt and time must suit the jar. Use a tested recipe from your local food-safety authority.',
  'not-linear':
    'Below half or above double the recipe, leavening, salt and strong spices may need more or less than the same factor. Bake a small trial first.',
  'bake-time':
    'A bigger batch does not bake longer. Baking time depends on the size of each piece or pan.',
  'by-eye': 'In a batch of this size, weigh leavening, strong spices and extracts.',
  'raw-flour': 'Raw flour is not safe to taste.',
  'raw-egg': 'Raw egg is not safe to taste.',
  'keep-cold': 'Keep it in the fridge and use it within days.',
  'eaten-raw-flour':
    'This is eaten without baking, and raw flour is not safe to eat. Use flour that was heat-treated.',
  'eaten-raw-egg':
    'This is eaten without cooking, and raw egg is not safe for everyone. Use pasteurised egg.',
  infants: 'No honey, nor syrup like it, for a child under one year: it can cause botulism.',
  'bitter-kernels':
    'Bitter almonds and apricot kernels hold what turns into prussic acid. Do not use them without knowing how many are safe; almond extract gives the taste.',
  lye: 'Lye and washing soda burn skin and eyes. Wear gloves and goggles, add them to the water and never the water to them, and use no aluminium.',
  alcohol:
    'It holds alcohol that is not cooked off: tell whoever serves it, and give none to children.',
};

const DOUBTED: Readonly<Record<DoubtfulAmount['of'], string>> = {
  salt: 'salt; bread has about 2 %',
  soda: 'baking soda; most bakes have less than 1 %',
  'baking-powder': 'baking powder; most cakes have 3 to 5 %',
  'dry-yeast': 'dry yeast; bread has about 1 %',
  'fresh-yeast': 'fresh yeast; bread has 2 to 5 %',
  ammonia: 'raising salt; biscuits have about 1 %',
  gum: 'gum; half to one per cent is usual',
  vanilla: 'vanilla; 1 to 4 % is usual',
  'almond-extract': 'a strong extract; less than 1 % is usual',
  cinnamon: 'cinnamon; 1 to 3 % is usual',
  'strong-spice': 'a strong spice; a pinch is usual',
  gelatine: 'gelatine; 1 to 2 % sets a cream',
};

const AGAINST: Readonly<Record<DoubtfulAmount['against'], string>> = {
  flour: 'of the flour',
  whole: 'of the whole',
  liquid: 'of what is liquid',
};

/** A question about an amount that can hardly be meant. */
export const doubtMessage = ({ of, share, against }: DoubtfulAmount): string =>
  `Is this amount right? It is ${fixed(100 * share, share < 0.1 ? 1 : 0)} % ${AGAINST[against]} in ${DOUBTED[of]}.`;

const percent = (part: number): string => `${fixed(100 * Math.abs(part), 1)} %`;
const towards = (gap: number): string => `${percent(gap)} ${gap < 0 ? 'under' : 'over'}`;
const grams = (mass: number): string => `${short(mass, 2)} g`;

/** What would mend a line, in a sentence; by `carrier` its premix is stirred into the flour. */
export function adviceMessage(advice: Advice): string {
  switch (advice.mend) {
    case 'method':
      return `${towards(advice.gap)}. Fill it ${METHOD_NAMES[advice.method]}: then it is ${percent(advice.gapThen)} off.`;
    case 'tools':
      return `${towards(advice.gap)} with this tool alone. Use more tools: then it is ${percent(advice.gapThen)} off.`;
    case 'weigh':
      return `${towards(advice.gap)}. Weigh it: no cup or spoon comes close enough.`;
    case 'larger-tool':
      return `${advice.fills} fills of one tool are easily miscounted. Use a larger tool, or weigh it.`;
    case 'premix': {
      const { tinyGrams, carrierGrams, takeGrams } = advice.premix;
      return `This scale may be ${percent(advice.gap)} off with so little. Stir ${grams(tinyGrams)} into ${grams(carrierGrams)} of the flour and weigh ${grams(takeGrams)} of the mixture.`;
    }
    case 'fine-scale':
      return `This scale may be ${percent(advice.gap)} off with so little. Use a finer scale.`;
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
      `Premix: stir ${grams(tinyGrams)} into ${grams(carrierGrams)} of the flour and weigh ${grams(takeGrams)} of the mixture.`,
    );
    carried.set(carrier, (carried.get(carrier) ?? 0) + takeGrams - holdsGrams);
  }
  for (const [carrier, mass] of carried) {
    const weight = lines[carrier]?.weight;
    if (!weight) continue;
    // On the step of the scale that weighs it, as the line itself is.
    const rest = Math.round((weight.grams - mass) / weight.grid) * weight.grid;
    messages.set(carrier, `${grams(mass)} of this come with the premix, so weigh ${grams(rest)}.`);
  }
  return messages;
}

const RATIO_NAMES: Readonly<Record<RatioPart, string>> = {
  water: 'the water',
  fat: 'the fat',
  sugar: 'the sugar',
  egg: 'the eggs',
  leavening: 'the raising agent',
  yeast: 'the yeast',
  salt: 'the salt',
};

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

/** Why a line is filled as it is, in a few words: "Ann fills 11 % heavier". */
export function reasonMessage(reason: LineReason): string {
  switch (reason.is) {
    case 'hand': {
      const { hand, heavier } = reason;
      return `${hand} fills ${fixed(100 * Math.abs(heavier), 0)} % ${heavier < 0 ? 'lighter' : 'heavier'}`;
    }
    case 'aside': {
      const names = reason.fills.map(fillName);
      return `${LIST.format(names)} ${names.length === 1 ? 'is' : 'are'} in the wash`;
    }
    case 'only':
      return `measured only with ${LIST.format(reason.tools)}`;
    case 'place':
      return reason.place === 'pan'
        ? 'for the pan, not in the dough'
        : 'on top or to serve, not in the dough';
    case 'nearest':
      return 'as near as your tools come';
    case 'ratio':
      return `filled nearer, to keep ${RATIO_NAMES[reason.part]} right`;
  }
}

/** What is open on a line, and what to do about it. */
export function openLineMessage(open: OpenLine): string {
  switch (open.is) {
    case 'no-weight':
      return 'No weight yet: it is in no total.';
    case 'question':
      return 'A question is open. Answer it in Text.';
  }
}
