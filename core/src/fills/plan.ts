import type { Ingredient, Method } from '../catalogue/index.js';
import type { Tool } from '../drawer/index.js';
import type { KnownWeight, MeasureSize, Rung } from '../measuring/index.js';
import type { Unit } from '../units/index.js';
import type { ToolFills } from './show-fills.js';

/** A tool to fill, and how often. */
export interface PlannedFill {
  readonly tool: string;
  readonly count: number;
  readonly kind: Tool['kind'] | 'egg' | 'piece';
  /** Its size in a word or two, to stand under a drawing. */
  readonly mark: string;
  /** What one fill holds; null for what is counted. */
  readonly millilitres: number | null;
  /** The tool that is filled and halved, where it is. */
  readonly halfOf?: string;
  /** The size of measure that its weight and scatter go by; null for what is counted. */
  readonly size: MeasureSize | null;
}

/** What to fill so that the intended mass comes out, by your method and with your tools. */
export interface MeasurePlan {
  readonly method: Method;
  /** Your volume: the intended mass divided by the density under your method. Unrounded. */
  readonly millilitres: number;
  readonly fills: readonly PlannedFill[];
  readonly shown: string;
  /** What these fills weigh. */
  readonly grams: number;
  /** What the weight of your fills rests on. */
  readonly basis: MeasureBasis;
}

/** What the density of a measure rests on. */
export interface MeasureBasis {
  readonly rung: Rung;
  /** Citation, or the name of the hand. */
  readonly source: string;
  /** Where trials of a hand have told: how sure its mean is, and how much its fills scatter. */
  readonly hand?: { readonly relativeSpread: number; readonly fillSpread: number };
}

/** What is to be measured. */
export interface Wanted {
  readonly ingredient: Ingredient;
  readonly form: string | null;
  readonly method: Method;
  readonly grams: number;
  /** Relative. */
  readonly tolerance: number;
  /** The unit it was written in: a pinch may stay a pinch. */
  readonly unit: Unit | null;
  /** The written volume at this batch, in millilitres; null where the recipe gives none. */
  readonly writtenMillilitres: number | null;
  /** How many pieces are written, at this batch; null where they are not counted. */
  readonly writtenCount?: number | null;
  /** What is known of the hand that measures. */
  readonly known?: readonly KnownWeight[];
}

/** Fills as a plan tells them. */
export const namedFills = (fills: readonly ToolFills[]): MeasurePlan['fills'] =>
  fills.map(({ tool, count }) => ({
    tool: tool.id,
    count,
    kind: tool.kind,
    mark: tool.mark,
    millilitres: tool.millilitres,
    size: tool.size,
    ...(tool.halfOf !== undefined && { halfOf: tool.halfOf }),
  }));
