/** How an ingredient behaves in a cup; decides techniques and class factors. */
export const CLASSES = [
  'powder',
  'granular',
  'moist',
  'chunk',
  'liquid',
  'syrup',
  'paste',
  'solid-fat',
  'egg',
] as const;
/** One of `CLASSES`: how it behaves in a cup. */
export type IngredientClass = (typeof CLASSES)[number];

/** What an ingredient does in the dough; decides tolerances and ratios. */
export const ROLES = [
  'flour',
  'liquid',
  'fat',
  'sugar',
  'egg',
  'leavening',
  'yeast',
  'salt',
  'thickener',
  'flavour',
  'inclusion',
] as const;
/** One of `ROLES`: what it does in a dough. */
export type Role = (typeof ROLES)[number];

/** A way of getting an ingredient into a measure. */
export const METHODS = [
  'sifted',
  'spooned',
  'dipped',
  'tamped',
  'level',
  'loose',
  'packed',
  'poured',
  'pressed',
  'block',
  'displaced',
  'melted',
  'count',
] as const;
/** One of `METHODS`: a way of filling a measure. */
export type Method = (typeof METHODS)[number];

/** The units that table weights are given for. All volumes are US customary. */
export type WeightUnit = 'cup' | 'tbsp' | 'tsp' | 'stick' | 'packet' | 'each';

/**
 * One table weight: how many grams `amount` of `unit` weighs, in this form, by this method.
 * `form` null is the ingredient as it usually comes. `source` is a citation, or
 * `ESTIMATE` for a figure from general knowledge, which conversion labels as an estimate.
 */
export interface Weight {
  readonly form: string | null;
  readonly method: Method;
  readonly amount: number;
  readonly unit: WeightUnit;
  readonly grams: number;
  readonly source: string;
}

/** The source of a figure that no table backs. */
export const ESTIMATE = 'general knowledge, unsourced';

/** The source of a weight that a baker set over the table's. */
export const THIS_KITCHEN = 'this kitchen';

/** The source of what is printed on a wrapper or in a law: a nominal mass. */
export const NOMINAL = 'nominal';

/** Names by language, as they stand in recipes: with capitals, accents and apostrophes. */
export type OtherNames = Readonly<Partial<Record<'german' | 'french', readonly string[]>>>;

/** Something that recipes measure, with what a cup, spoon or piece of it weighs by each method. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly class: IngredientClass;
  readonly role: Role;
  /** Grams of water in 100 g. */
  readonly waterPercent: number;
  readonly allergens: readonly string[];
  /** Other names for exactly this. */
  readonly aliases: readonly string[];
  /** What it is called in other languages that recipes are read in. */
  readonly otherNames?: OtherNames;
  /** Names that leave the kind open: reading one of them assumes this kind and says so. */
  readonly loosely?: readonly string[];
  readonly weights: readonly Weight[];
}
