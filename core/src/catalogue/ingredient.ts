import type { SourceRef } from './source.js';
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

/**
 * How an ingredient stands from the evening to the morning, opened and measured. `dry`: covered, at
 * room temperature. `cool`: fats, wrapped in the cold. `fridge`: never out for more than two hours.
 * `fresh`: cut, squeezed or opened in the morning. `live`: fresh yeast and starters. `frozen`.
 */
export const KEEPS = ['dry', 'cool', 'fridge', 'fresh', 'live', 'frozen'] as const;
/** One of `KEEPS`: how it stands overnight. */
export type Keeps = (typeof KEEPS)[number];

/** What of an ingredient can hurt, raw or at all, and whom. */
export type Hazard =
  | 'raw-flour'
  | 'raw-egg'
  /** Honey and syrups like it: not for a child under one year. */
  | 'infants'
  | 'alcohol'
  /** They hold what becomes prussic acid. */
  | 'bitter-kernels';

/** The bounds of what can be meant in a dough, by what they hold for. */
export const BOUNDED = [
  'salt',
  'soda',
  'baking-powder',
  'dry-yeast',
  'fresh-yeast',
  'ammonia',
  'gum',
  'vanilla',
  'almond-extract',
  'cinnamon',
  'strong-spice',
  'gelatine',
] as const;
/** One of `BOUNDED`: what a bound of what can be meant in a dough holds for. */
export type Bounded = (typeof BOUNDED)[number];

/** What rules know of some ingredients and not of others. */
export interface IngredientFacts {
  /** The lightest and the heaviest a millilitre can be, in grams, where its class tells it wrong. */
  readonly bounds?: readonly [low: number, high: number];
  /** The same of a form that is not as the rest of it is: cream, whipped. */
  readonly formBounds?: Readonly<Record<string, readonly [low: number, high: number]>>;
  /** Which bound of what can be meant applies to it. */
  readonly bounded?: Bounded;
  /** Milled from wheat: who fills a cup of one such flour heavily fills the others heavily too. */
  readonly isWheatFlour?: true;
  /** It is acid or heavy enough to use up more soda than flour alone. */
  readonly takesUpSoda?: true;
  readonly hazards?: readonly Hazard[];
  /** Tasted in tiny amounts: it does not follow a large batch straight, and is not judged by eye. */
  readonly isStrong?: true;
  /** Sold by its fat, in grams in 100 g: "18% cream" is the cream that comes nearest. */
  readonly fatGrade?: { readonly of: 'milk' | 'cream'; readonly percent: number };
  /** Sold by many varieties, places and makers: a word before its name names one, and weighs the same. */
  readonly hasVarieties?: true;
  /** Made of whichever fruit stands before its name: jam, purée, pie filling. */
  readonly ofAnyFruit?: true;
  /** Made as often as bought: its name alone on a line heads the part of a recipe that makes it. */
  readonly isOftenMade?: true;
  /** What it is as food, where keeping it is a question of its own. */
  readonly food?: 'fruit' | 'vegetable' | 'herb' | 'meat' | 'acid';
}

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
 * `form` null is the ingredient as it usually comes. Of a figure from
 * general knowledge (`ESTIMATE`) conversion says that it is an estimate.
 */
export interface TableWeight {
  readonly form: string | null;
  readonly method: Method;
  readonly amount: number;
  readonly unit: WeightUnit;
  readonly grams: number;
  readonly source: SourceRef;
  /** The source contradicts something better founded: it is shown with it, and not used. */
  readonly isDoubted?: true;
  /** Relative standard deviation of single pieces, where they are not as fruit is: made in a factory. */
  readonly spread?: number;
}

/** Names by language, as they stand in recipes: with capitals, accents and apostrophes. */
export type OtherNames = Readonly<Partial<Record<'german' | 'french', readonly string[]>>>;

/** Stands among allergens where nobody has told what there is. */
export const UNKNOWN_ALLERGENS = 'unknown';

/** Something that recipes measure, with what a cup, spoon or piece of it weighs by each method. */
export interface Ingredient extends IngredientFacts {
  readonly id: string;
  readonly name: string;
  readonly class: IngredientClass;
  readonly role: Role;
  /** Grams of water in 100 g. */
  readonly waterPercent: number;
  /** How it stands overnight; null where its baker has not told yet: then it waits in the fridge. */
  readonly keeps: Keeps | null;
  readonly allergens: readonly string[];
  /** Other names for exactly this. */
  readonly aliases: readonly string[];
  /** What it is called in other languages that recipes are read in. */
  readonly otherNames?: OtherNames;
  /** Names that leave the kind open: reading one of them assumes this kind and says so. */
  readonly loosely?: readonly string[];
  readonly weights: readonly TableWeight[];
  /** Looked up behind the shelf: its class is a guess, and how its cups were filled. */
  readonly isFromTable?: true;
  /** The food of the public table that its weights are those of, by its number. */
  readonly tableFood?: string;
}
