import type { Amount, Fraction } from '../amount/index.js';
import type { IngredientClass, Method, Shelf } from '../catalogue/index.js';
import type { Intended } from '../conversion/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Place } from '../reading/index.js';
import type { LineChoice } from './balance/index.js';
import type { Drawer, ScaleDescription } from '../drawer/index.js';
import type { GridWeight, MeasurePlan, Strictness, WeighedIn } from '../fills/index.js';
import type { BakeKind, Forgiveness } from '../baking/index.js';
import type { ProvenWeight } from './proven.js';
import type { PlannedPremix } from './premix.js';
import type { RatioPart } from './ratios.js';
import type { Substitute } from './substitutes.js';

/**
 * How far a measure is from what is meant: level is near enough, leaning is up to half of what the
 * bake forgives, out is beyond that.
 */
export type Level = 'level' | 'leaning' | 'out';

/** One line of a batch: both columns, and how far they agree. */
export interface PlanLine {
  readonly written: string;
  readonly kind: Line['kind'];
  /** Where it goes that is not the dough: no ratio and no total counts it. */
  readonly place?: Place;
  /** What goes in: the substitute where there is one. */
  readonly ingredientId: string | null;
  /** What takes the place of what was written, and what that changes. */
  readonly substitute: Substitute | null;
  /** The written amount times the factor, exact. */
  readonly scaled: Amount | null;
  readonly intended: Intended | null;
  readonly weight: GridWeight | null;
  readonly measure: MeasurePlan | null;
  /** Mass by the measure plan over intended mass, less one; null without either. */
  readonly gap: number | null;
  /** Mass on the scale grid over intended mass, less one. */
  readonly weightGap: number | null;
  /** The relative gap that is near enough for this ingredient's role. */
  readonly tolerance: number | null;
  /** The relative gap at which this kind of bake begins to show it. */
  readonly forgiven: number | null;
  /** Whether the gap is near enough. */
  readonly within: boolean | null;
  /** How the two columns stand to each other; null without a gap. */
  readonly level: Level | null;
  /** The recipe does not say how the author fills it. */
  readonly isMethodUnstated: boolean;
  /** Weighed by either route, as its baker decided. */
  readonly isWeighed: boolean;
  /** The ratio for which it is filled nearer than it alone would need; null where none asks for it. */
  readonly heldFor: RatioPart | null;
  /** How it is weighed stirred into another line, where its baker decided so. */
  readonly premix: PlannedPremix | null;
}

/** How this kitchen fills the ingredients of a class, whoever wrote the recipe. */
export type Habits = Readonly<Partial<Record<IngredientClass, Method>>>;

/** All that a plan is made of beside the reading: how large, with what tools, by whose hand. */
export interface Batch {
  readonly factor: Fraction;
  /** Your method for a line, by its index in the reading; others get their usual one. */
  readonly methods?: Readonly<Record<number, Method>>;
  /** What else was decided of a line, by its index. */
  readonly choices?: Readonly<Record<number, LineChoice>>;
  readonly habits?: Habits;
  readonly strictness?: Strictness;
  /** Made to keep: nothing of it is converted. */
  readonly isPreserving?: boolean;
  /** What it forgives goes by this; a cake where not said. */
  readonly kind?: BakeKind;
  /** What this kitchen's log knows better of what the kind forgives. */
  readonly learned?: Partial<Forgiveness>;
  /** What bakes of this recipe that were kept as good weighed. */
  readonly proven?: readonly ProvenWeight[];
  readonly drawer: Drawer;
  /** The ingredients and their weights. */
  readonly shelf: Shelf;
  /** What is known of the author's cups: decides what was meant. */
  readonly author?: readonly KnownWeight[];
  /** What is known of the hand that measures here: decides what to fill. */
  readonly hand?: readonly KnownWeight[];
  /** The scales that weigh it; the usual two where absent. */
  readonly scales?: readonly ScaleDescription[];
  readonly weighedIn?: WeighedIn;
}
