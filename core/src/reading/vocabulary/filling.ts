import { table } from './table.js';
import type { Method } from '../../catalogue/index.js';
import type { Heap } from '../../measuring/index.js';

/** Words for a measure that is fuller than level, or not quite. */
export const HEAPING_WORDS: Readonly<Record<string, Heap>> = table({
  heaping: 'heaped',
  heaped: 'heaped',
  rounded: 'rounded',
  scant: 'scant',
  generous: 'generous',
  good: 'generous',
});

/** Words that say how the measure was filled, wherever in the line they stand. */
export const FILLING_WORDS: Readonly<Record<string, Method>> = table({
  packed: 'packed',
  spooned: 'spooned',
  dipped: 'dipped',
  scooped: 'dipped',
  tamped: 'tamped',
  dip: 'dipped',
  scoop: 'dipped',
  spoon: 'spooned',
});

/** Words before "packed" that turn it into its opposite. */
export const LOOSENING_WORDS: ReadonlySet<string> = new Set(['loosely', 'lightly', 'not', 'un']);

/**
 * Words whose place in the line decides: before the noun they act before measuring, after a
 * comma they act after.
 */
export const ORDER_METHODS: Readonly<Record<string, Method>> = table({
  sifted: 'sifted',
  sieved: 'sifted',
  melted: 'melted',
});

/** The same for forms: the word in the recipe, and the form in the catalogue. */
export const ORDER_FORMS: Readonly<Record<string, string>> = table({
  chopped: 'chopped',
  crushed: 'chopped',
  nibbed: 'chopped',
  ground: 'ground',
  sliced: 'sliced',
  flaked: 'sliced',
  slivered: 'slivered',
  grated: 'grated',
  shredded: 'shredded',
  diced: 'diced',
  cubed: 'diced',
  whipped: 'whipped',
  mashed: 'mashed',
  halved: 'halves',
});

/** Forms that are sold that way: they name the ingredient, the order of work says nothing. */
export const SOLD_FORMS: Readonly<Record<string, string>> = table({
  whole: 'whole',
  half: 'halves',
  mini: 'mini',
  stick: 'stick',
  broken: 'chopped',
});

/** The same behind the name: "walnut pieces" lie in a cup as chopped ones do, "pecan halves". */
export const SOLD_FORMS_BEHIND: Readonly<Record<string, string>> = table({
  piece: 'chopped',
  half: 'halves',
});

/** Sizes that pieces are graded in. */
export const SIZE_FORMS: Readonly<Record<string, string>> = table({
  small: 'small',
  sm: 'small',
  medium: 'medium',
  med: 'medium',
  large: 'large',
  lg: 'large',
  lge: 'large',
  lrg: 'large',
  'extra large': 'extra-large',
  xl: 'extra-large',
  jumbo: 'jumbo',
});

/** The European grades of eggs, by word and by letter. */
export const EUROPEAN_SIZES: Readonly<Record<string, string>> = table({
  small: 'S (Europe)',
  s: 'S (Europe)',
  medium: 'M (Europe)',
  m: 'M (Europe)',
  large: 'L (Europe)',
  l: 'L (Europe)',
  'extra large': 'XL (Europe)',
  xl: 'XL (Europe)',
});

/** Words that say by which grades a size is meant. */
export const EUROPEAN_WORDS: ReadonlySet<string> = new Set(['european', 'eu', 'europe']);

/** What a block of butter is, where the recipe does not say. */
export const BLOCK_FORMS: Readonly<{ american: string; elsewhere: string }> = {
  american: '1 lb block',
  elsewhere: '250 g block',
};
