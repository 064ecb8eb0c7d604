import type { Method } from '../../catalogue/index.js';

/** Words that say how the measure was filled, wherever in the line they stand. */
export const FILLING_WORDS: Readonly<Record<string, Method>> = {
  packed: 'packed',
  spooned: 'spooned',
  dipped: 'dipped',
  scooped: 'dipped',
  tamped: 'tamped',
};

/** Words before "packed" that turn it into its opposite. */
export const LOOSENING_WORDS: ReadonlySet<string> = new Set(['loosely', 'lightly', 'not', 'un']);

/**
 * Words whose place in the line decides: before the noun they act before measuring, after a
 * comma they act after.
 */
export const ORDER_METHODS: Readonly<Record<string, Method>> = {
  sifted: 'sifted',
  sieved: 'sifted',
  melted: 'melted',
};

/** The same for forms: the word in the recipe, and the form in the catalogue. */
export const ORDER_FORMS: Readonly<Record<string, string>> = {
  chopped: 'chopped',
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
};

/** Forms that are sold that way: they name the ingredient, the order of work says nothing. */
export const SOLD_FORMS: Readonly<Record<string, string>> = {
  whole: 'whole',
  half: 'halves',
  mini: 'mini',
  stick: 'stick',
};

/** Sizes that pieces are graded in. */
export const SIZE_FORMS: Readonly<Record<string, string>> = {
  small: 'small',
  medium: 'medium',
  large: 'large',
  'extra large': 'extra-large',
  xl: 'extra-large',
  jumbo: 'jumbo',
};
