import type { Unit } from '../../units/index.js';
import { table } from './table.js';

/** Words before an amount that do not change it. */
export const LEADING_WORDS: readonly string[] = [
  'about',
  'approx',
  'approximately',
  'around',
  'roughly',
  'circa',
  'ca',
  'up to',
  'at least',
  'between',
  'from',
  'optional',
  'the',
  'another',
  'an additional',
  'additional',
  'a further',
  'just under',
  'just over',
  'each',
];

/** Words that say only roughly how much: they leave the amount open. */
export const VAGUE_WORDS: readonly string[] = [
  'little',
  'few drop',
  'couple of drop',
  'couple drop',
  'few',
  'some',
  'bit',
  'splash',
  'drizzle',
  'lump',
  'sprinkling',
  'sprinkle',
  'scattering',
  'dusting',
  'grinding',
  'grating',
  'squeeze',
  'glug',
];

/** Words that have a usual figure, but none where they are for the tin. */
export const VAGUE_FOR_THE_TIN: readonly string[] = ['knob', 'handful'];

/** What a bare name means where it is worked as only the fresh one can be. */
export const FRESH_KINDS: Readonly<Record<string, string>> = table({
  'ginger-ground': 'ginger-fresh',
});

/** What is done to a root, and the pieces that it comes in. */
export const FRESH_WORK: ReadonlySet<string> = new Set([
  'grated',
  'minced',
  'peeled',
  'chopped',
  'sliced',
  'knob',
  'knobs',
  'piece',
  'thumb',
]);

/** Sizes of things at hand, for "butter the size of an egg": conventions, in tablespoons. */
export const SIZES_OF_THINGS: Readonly<Record<string, number>> = table({
  egg: 4,
  walnut: 2,
  'large walnut': 2,
  nutmeg: 0.5,
  hazelnut: 0.25,
  pea: 0.05,
});

/** What is cut by length: what it is then, and how long one unit of it is. */
interface CutByLength {
  readonly ingredientId: string;
  readonly unit: Unit;
  readonly centimetres: number;
}

/** Roots and sticks that are cut by length, by what they are called: conventions. */
export const CUT_BY_LENGTH: Readonly<Record<string, CutByLength>> = table({
  // An inch of root is about a tablespoon, grated; a whole stick is three inches long.
  'ginger-ground': { ingredientId: 'ginger-fresh', unit: 'tbsp', centimetres: 2.54 },
  'ginger-fresh': { ingredientId: 'ginger-fresh', unit: 'tbsp', centimetres: 2.54 },
  cinnamon: { ingredientId: 'cinnamon-stick', unit: 'each', centimetres: 7.62 },
  'cinnamon-stick': { ingredientId: 'cinnamon-stick', unit: 'each', centimetres: 7.62 },
});
