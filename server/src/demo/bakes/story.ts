import type { CauseId } from '@ypsigram/core/diagnosis';
import type { QuestionId, Symptom } from '@ypsigram/core/diagnosis';

/** The recipes of the stall, each by a word of its title. */
export const STORY_TITLES = {
  slabs: 'Towpath oat slabs',
  knots: 'Cardamom knots',
  polenta: 'Polenta and pear tin',
  crispbread: 'Rye and honey crispbread',
  rounds: 'Sesame rounds',
  sponge: 'Lean sponge',
} as const;
/** One of `STORY_TITLES`. */
export type StoryRecipe = keyof typeof STORY_TITLES;

/** A bake of the year, as far as it is not as usual. */
export interface StoryBake {
  readonly weeksAgo: number;
  readonly recipe: StoryRecipe;
  /** Grebe or Moorhen. */
  readonly hand: 'G' | 'M';
  readonly rating: number;
  readonly symptoms?: readonly Symptom[];
  readonly note?: string;
  readonly isGood?: boolean;
  readonly isWasted?: boolean;
  /** How far the flour was off that was filled by cup over the scale. */
  readonly flour?: number;
  /** How far what was weighed was off, by role. */
  readonly off?: Readonly<Partial<Record<'flour' | 'water' | 'salt', number>>>;
  /** The cause that was worked on, and whether that helped. */
  readonly trying?: CauseId;
  readonly verdict?: 'better' | 'same' | 'worse';
  readonly answers?: Readonly<Partial<Record<QuestionId, 'yes' | 'no'>>>;
  readonly minutesTimes?: number;
  readonly photo?: StoryRecipe;
}

/** The dial was taken at its word until so many weeks ago, when a thermometer was put in. */
export const OVEN_FOUND_OUT = 38.5;
/** How much hotter than its dial the oven is. */
export const OVEN_TOO_HOT_CELSIUS = 12;

/**
 * A year at the towpath stall: an oven that turned out to be 12 °C hot, a hand that dips its flour,
 * flakes for fine salt, a sponge that the machine folded, and a crispbread that was got right.
 */
export const STORY: readonly StoryBake[] = [
  {
    weeksAgo: 52,
    recipe: 'sponge',
    hand: 'G',
    rating: 2,
    symptoms: ['dark-outside', 'peaked', 'cracked'],
    note: 'Black edge, wet in the middle.',
  },
  { weeksAgo: 51, recipe: 'slabs', hand: 'M', rating: 4 },
  {
    weeksAgo: 50,
    recipe: 'knots',
    hand: 'G',
    rating: 4,
    note: 'Good colour after 14 minutes already.',
  },
  {
    weeksAgo: 49,
    recipe: 'polenta',
    hand: 'G',
    rating: 2,
    symptoms: ['dark-outside', 'cracked'],
    note: 'Burnt rim again.',
  },
  { weeksAgo: 48, recipe: 'crispbread', hand: 'M', rating: 3, off: { flour: 0.05, water: -0.02 } },
  {
    weeksAgo: 47,
    recipe: 'rounds',
    hand: 'G',
    rating: 3,
    symptoms: ['dark-outside'],
    note: 'Brown at 11 minutes.',
  },
  {
    weeksAgo: 46,
    recipe: 'knots',
    hand: 'M',
    rating: 2,
    flour: 0.15,
    symptoms: ['dense', 'dry', 'cracked'],
    note: 'Like rolls for the ducks.',
  },
  {
    weeksAgo: 45,
    recipe: 'sponge',
    hand: 'G',
    rating: 2,
    symptoms: ['dark-outside', 'peaked'],
    isWasted: true,
    note: 'Could not be sold.',
  },
  { weeksAgo: 44.5, recipe: 'rounds', hand: 'M', rating: 4 },
  { weeksAgo: 44, recipe: 'slabs', hand: 'G', rating: 5, photo: 'slabs' },
  {
    weeksAgo: 43,
    recipe: 'polenta',
    hand: 'M',
    rating: 2,
    symptoms: ['dark-outside', 'cracked', 'peaked'],
  },
  {
    weeksAgo: 42,
    recipe: 'knots',
    hand: 'M',
    rating: 2,
    flour: 0.17,
    symptoms: ['dense', 'dry', 'bready'],
    answers: { 'flour-dipped': 'yes' },
    note: 'Dipped, as always.',
  },
  {
    weeksAgo: 41,
    recipe: 'knots',
    hand: 'M',
    rating: 4,
    flour: 0.01,
    trying: 'flour-over',
    verdict: 'better',
    note: 'Spooned the flour this time. Soft.',
    photo: 'knots',
  },
  { weeksAgo: 40.5, recipe: 'slabs', hand: 'G', rating: 4 },
  { weeksAgo: 40, recipe: 'crispbread', hand: 'G', rating: 4, off: { flour: 0.01, water: 0.02 } },
  {
    weeksAgo: 39,
    recipe: 'polenta',
    hand: 'G',
    rating: 2,
    symptoms: ['dark-outside', 'cracked'],
    answers: { 'oven-measured-hot': 'yes' },
    note: 'Put a thermometer in: it is the oven.',
  },
  {
    weeksAgo: 38,
    recipe: 'sponge',
    hand: 'G',
    rating: 4,
    trying: 'oven-hot',
    verdict: 'better',
    note: 'Dial at 165: level and gold.',
    photo: 'sponge',
  },
  { weeksAgo: 37, recipe: 'rounds', hand: 'M', rating: 4 },
  { weeksAgo: 36.5, recipe: 'knots', hand: 'G', rating: 4 },
  { weeksAgo: 36, recipe: 'slabs', hand: 'M', rating: 4 },
  {
    weeksAgo: 35,
    recipe: 'polenta',
    hand: 'G',
    rating: 5,
    trying: 'oven-hot',
    verdict: 'better',
    photo: 'polenta',
  },
  { weeksAgo: 34, recipe: 'knots', hand: 'G', rating: 4 },
  {
    weeksAgo: 33,
    recipe: 'crispbread',
    hand: 'M',
    rating: 2,
    off: { flour: 0.02, water: -0.15 },
    symptoms: ['tough', 'dry', 'cracked'],
    note: 'Would not roll.',
  },
  { weeksAgo: 32.5, recipe: 'rounds', hand: 'G', rating: 5 },
  {
    weeksAgo: 32,
    recipe: 'crispbread',
    hand: 'G',
    rating: 5,
    off: { flour: 0.0, water: 0.01 },
    isGood: true,
    photo: 'crispbread',
    note: 'Snaps. Keep.',
  },
  {
    weeksAgo: 31,
    recipe: 'sponge',
    hand: 'M',
    rating: 3,
    symptoms: ['dense'],
    note: 'A little low.',
  },
  { weeksAgo: 30, recipe: 'slabs', hand: 'G', rating: 5 },
  { weeksAgo: 29.5, recipe: 'polenta', hand: 'M', rating: 4 },
  { weeksAgo: 29, recipe: 'rounds', hand: 'G', rating: 4 },
  {
    weeksAgo: 28,
    recipe: 'crispbread',
    hand: 'M',
    rating: 2,
    off: { salt: -0.42 },
    symptoms: ['bland'],
    answers: { 'other-salt': 'yes' },
    note: 'Flakes from the other tin.',
  },
  {
    weeksAgo: 27,
    recipe: 'crispbread',
    hand: 'M',
    rating: 4,
    trying: 'salt-under',
    verdict: 'better',
    off: { water: -0.03 },
  },
  { weeksAgo: 26, recipe: 'knots', hand: 'M', rating: 4 },
  { weeksAgo: 25, recipe: 'polenta', hand: 'M', rating: 4 },
  { weeksAgo: 24.5, recipe: 'slabs', hand: 'M', rating: 4 },
  { weeksAgo: 24, recipe: 'sponge', hand: 'G', rating: 5 },
  {
    weeksAgo: 23,
    recipe: 'slabs',
    hand: 'M',
    rating: 2,
    minutesTimes: 1.35,
    symptoms: ['dry', 'dark-outside'],
    isWasted: true,
    note: 'Forgot them, talking on the lock.',
  },
  {
    weeksAgo: 22,
    recipe: 'crispbread',
    hand: 'G',
    rating: 5,
    off: { flour: -0.005, water: 0.004 },
    isGood: true,
  },
  { weeksAgo: 21, recipe: 'knots', hand: 'G', rating: 5, photo: 'knots' },
  { weeksAgo: 20.5, recipe: 'sponge', hand: 'G', rating: 5 },
  { weeksAgo: 20, recipe: 'rounds', hand: 'M', rating: 4 },
  { weeksAgo: 19, recipe: 'polenta', hand: 'G', rating: 4 },
  {
    weeksAgo: 18,
    recipe: 'sponge',
    hand: 'M',
    rating: 2,
    symptoms: ['tough', 'tunnels', 'dense'],
    answers: { 'mixed-long': 'yes' },
    note: 'Used the machine for the folding.',
  },
  {
    weeksAgo: 17,
    recipe: 'sponge',
    hand: 'M',
    rating: 4,
    trying: 'overmixed',
    verdict: 'better',
    note: 'Folded by hand.',
  },
  { weeksAgo: 16.5, recipe: 'rounds', hand: 'M', rating: 4 },
  { weeksAgo: 16, recipe: 'slabs', hand: 'G', rating: 4 },
  {
    weeksAgo: 15,
    recipe: 'crispbread',
    hand: 'M',
    rating: 3,
    off: { flour: -0.06, water: 0.03 },
    symptoms: ['spread'],
    note: 'Soft to roll.',
  },
  { weeksAgo: 14, recipe: 'knots', hand: 'M', rating: 4 },
  { weeksAgo: 13, recipe: 'polenta', hand: 'M', rating: 4 },
  { weeksAgo: 12, recipe: 'rounds', hand: 'G', rating: 5, photo: 'rounds' },
  {
    weeksAgo: 11,
    recipe: 'crispbread',
    hand: 'G',
    rating: 5,
    off: { flour: 0.004, water: -0.006 },
    isGood: true,
  },
  { weeksAgo: 10, recipe: 'slabs', hand: 'M', rating: 4 },
  { weeksAgo: 9, recipe: 'knots', hand: 'G', rating: 5 },
  { weeksAgo: 8.5, recipe: 'slabs', hand: 'M', rating: 5 },
  { weeksAgo: 8, recipe: 'sponge', hand: 'G', rating: 4 },
  { weeksAgo: 7, recipe: 'polenta', hand: 'G', rating: 5 },
  {
    weeksAgo: 6,
    recipe: 'rounds',
    hand: 'M',
    rating: 3,
    symptoms: ['greasy', 'spread'],
    answers: { 'fat-melting': 'yes' },
    note: 'Hot day, butter like soup.',
  },
  { weeksAgo: 5, recipe: 'slabs', hand: 'G', rating: 5 },
  { weeksAgo: 4, recipe: 'crispbread', hand: 'M', rating: 4, off: { flour: 0.02, water: 0.04 } },
  { weeksAgo: 3, recipe: 'knots', hand: 'M', rating: 4 },
  { weeksAgo: 2, recipe: 'polenta', hand: 'M', rating: 4 },
  {
    weeksAgo: 1,
    recipe: 'rounds',
    hand: 'M',
    rating: 2,
    symptoms: ['crumbly', 'dry', 'tough'],
    note: 'Moorhen says the oven. Is it?',
  },
];
