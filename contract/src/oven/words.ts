import type { FirstLook, StepAdvice, StepKind, TesterFind } from '@ypsigram/core/baking/steps';
import type { Rack } from '@ypsigram/core/bench';
import type { BlockKind } from '@ypsigram/core/bench/oven';

/** What a step is called. */
export const STEP_NAMES: Readonly<Record<BlockKind, string>> = {
  bake: 'Bake',
  heat: 'Heat the oven',
  chill: 'Chill',
  rise: 'Rise',
  cool: 'Cool and turn out',
  rest: 'Rest',
  knead: 'Knead',
  cream: 'Cream',
  combine: 'Mix',
  fry: 'Fry',
  sugar: 'Hot sugar',
  shape: 'Shape',
  cut: 'Cut',
  cook: 'On the stove',
  prepare: 'Get ready',
  other: 'Next',
  'take-out': 'Out of the fridge',
  measure: 'Measure',
};

/** How a step is done well, and when it is done. */
export const STEP_ADVICE: Readonly<Record<StepAdvice, string>> = {
  bake: 'Middle rack unless the recipe says otherwise, one tray at a time. Keep the door shut until the first look.',
  heat: 'Give it 20 minutes: the walls have to be hot, not only the air.',
  chill: 'Cover it, so that it does not dry out.',
  rise: 'Done when a fingertip leaves a dent that fills again slowly. Go by the dough, not by the clock.',
  'turn-out': 'Rest it in the pan as long as stated, then turn it out: left in, it bakes on.',
  rest: 'Cover it.',
  knead: 'Until it is smooth and springs back.',
  cream: 'At least a minute at medium speed: smooth, lighter, no lumps.',
  fold: 'Once wet meets dry, stop the machine. Fold by hand and stop when no dry flour shows: small lumps are fine.',
  fry: 'A few at a time, so that the fat stays hot.',
  sugar: 'Have everything within reach before it starts to colour.',
  divide: 'Pieces of one mass bake alike.',
  cut: 'A long sharp knife, wiped between cuts.',
};

/** The caution that belongs to a step, where the hand is; null where there is none. */
export const STEP_CAUTIONS: Readonly<Partial<Record<StepKind, string>>> = {
  cream: 'Mixer: unplugged while you fit it, bowl locked, start slow, nothing reaches in.',
  knead: 'Mixer: unplugged while you fit it, bowl locked, start slow, nothing reaches in.',
  combine: 'Raw flour and raw egg are not safe to taste.',
  bake: 'Dry oven gloves, and stand aside when you open the door.',
  fry: 'Hot fat: never leave it, keep water away, have a lid at hand.',
  sugar: 'Hot sugar sticks and burns: long sleeves, no children beside it, never taste it.',
  cut: 'A damp cloth under the board keeps it from sliding.',
};

export const TESTER_NAMES: Readonly<Record<TesterFind, string>> = {
  wet: 'Wet batter',
  crumbs: 'A few moist crumbs',
  clean: 'Clean',
};

export const RACK_NAMES: Readonly<Record<Rack, string>> = {
  upper: 'upper rack',
  middle: 'middle rack',
  lower: 'lower rack',
};

export const PAN_NAMES = {
  'as-written': 'as the recipe says',
  dark: 'a dark pan',
  shallower: 'a larger pan: it is shallower',
  deeper: 'a smaller pan: it is deeper',
} as const;

/** Why the first look is when it is. */
export const FIRST_LOOK_REASONS: Readonly<Record<FirstLook['why'], string>> = {
  'early-end': 'the early end of the range',
  dark: 'earlier: a dark pan browns sooner',
  shallower: 'earlier: it is shallower',
  hot: 'earlier: this oven is hotter than wanted',
};

/** Work by hand: what is done there only the recipe's own words tell. */
const IN_ITS_OWN_WORDS: ReadonlySet<StepKind> = new Set(['combine', 'cook', 'prepare', 'other']);
const LONGEST_NAME_WORDS = 4;
const SHORTEST_NOUN = 4;

/**
 * What a step does, in a word or a few: "Knead", and of work by hand the beginning of what the recipe
 * says, up to what it is done to: "Whisk eggs", "Fold in almonds".
 */
export function stepName({
  kind,
  text,
}: {
  readonly kind: StepKind;
  readonly text: string;
}): string {
  if (!IN_ITS_OWN_WORDS.has(kind)) return STEP_NAMES[kind];
  const [first, ...others] = text
    .split(/[,.;:(]/, 1)[0]!
    .trim()
    .split(/\s+/);
  if (!first) return STEP_NAMES[kind];
  const noun = others.findIndex((word) => word.length >= SHORTEST_NOUN);
  const most = noun < 0 ? others.length : noun + 1;
  return [first, ...others.slice(0, Math.min(most, LONGEST_NAME_WORDS - 1))].join(' ');
}
