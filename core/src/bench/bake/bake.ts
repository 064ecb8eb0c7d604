import type { ChanceLine } from '../../chance/index.js';
import type { IngredientClass, Keeps, Method, Role } from '../../catalogue/index.js';
import type { Trying } from '../../batch/index.js';
import type { BakeKind, Forgiveness } from '../../baking/index.js';
import type { BakingFacts } from '../../baking/steps/index.js';
import type { GridWeight, PlannedFill, Strictness } from '../../fills/index.js';

/** The ways to get an ingredient onto the tray. */
export const BENCH_ROUTES = ['fill', 'container', 'tare', 'total', 'beam'] as const;
/**
 * One of `BENCH_ROUTES`: filled by cup and spoon; weighed in its own container; weighed in the
 * shared bowl with tare between; in the shared bowl by its running total; or on a beam scale.
 */
export type BenchRoute = (typeof BENCH_ROUTES)[number];

/** How to fill a line, as it was planned. */
export interface BakeMeasure {
  readonly method: Method;
  readonly fills: readonly PlannedFill[];
  /** What the fills weigh. */
  readonly grams: number;
  /** How far that may be off, as a relative standard deviation. */
  readonly spread: number;
}

/** One ingredient of a bake, as it was planned when the bake was begun. */
export interface BakeLine {
  /** Stays the same for as long as there is a bake. */
  readonly id: string;
  /** Index in the reading. */
  readonly index: number;
  readonly written: string;
  /** What goes in, in a word or two. */
  readonly name: string;
  readonly section: string | null;
  readonly ingredientId: string | null;
  readonly form: string | null;
  readonly class: IngredientClass | null;
  readonly role: Role | null;
  /** How it stands overnight; null where nothing is known, left out in bakes begun before it was. */
  readonly keeps?: Keeps | null;
  /** A second ingredient of its written line that is not counted. */
  readonly leftOut?: string;
  readonly allergens: readonly string[];
  /** Unrounded; null where its weight is not known. */
  readonly intendedGrams: number | null;
  readonly weight: GridWeight | null;
  readonly measure: BakeMeasure | null;
  /** The relative deviation that is near enough, and the one at which the bake shows it. */
  readonly tolerance: number | null;
  readonly forgiven: number | null;
  /** What a level teaspoon of it weighs; null where that is not known. */
  readonly gramsPerTeaspoon: number | null;
  /** How it gets onto the tray unless its baker chooses otherwise. */
  readonly route: BenchRoute;
}

/** What goes into one bowl, by the ids of its lines, in order. */
export interface Bowl {
  readonly section: string | null;
  readonly lines: readonly string[];
}

/** So many pieces of something. */
export interface Makes {
  /** Exact, such as "27" or "9/2". */
  readonly count: string;
  /** As it is written with the recipe's own count: "knots"; empty where only a figure is. */
  readonly noun: string;
  /** The recipe's own count; null where the noun stays as it is whatever the count. */
  readonly written: number | null;
}

/** A batch of a recipe as it was when its bake was begun, whatever becomes of the recipe. */
export interface BakePlan {
  readonly title: string;
  readonly text: string;
  /** Exact, such as "3/2". */
  readonly factor: string;
  /** What it makes, at this factor; null where the recipe does not say. */
  readonly makes: Makes | null;
  readonly pieces: number | null;
  readonly kind: BakeKind;
  readonly strictness: Strictness;
  readonly lines: readonly BakeLine[];
  readonly bowls: readonly Bowl[];
  /** What the chance of this bake is worked out from. */
  readonly chance: readonly ChanceLine[];
  /** What its baker said of the baking where the text does not. */
  readonly baking?: BakingFacts;
  /** What the log knew better of what it forgives when it was begun. */
  readonly learned?: Partial<Forgiveness>;
  /** What is tried this time, after what went wrong the last time. */
  readonly trying?: Trying;
}
