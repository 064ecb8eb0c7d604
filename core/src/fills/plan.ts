import type { Ingredient, Method, SourceRef } from '../catalogue/index.js';
import type { Tool, ToolUnit } from '../drawer/index.js';
import type { KnownWeight, MeasureSize, Rung } from '../measuring/index.js';
import type { Unit } from '../units/index.js';

/** A tool and how often it is filled. */
export interface ToolFills {
  readonly tool: Tool;
  readonly count: number;
}

/** What can be filled or counted. */
export const FILL_KINDS = ['cup', 'spoon', 'jug', 'block', 'pinch', 'egg', 'piece'] as const;
/** One of `FILL_KINDS`. */
export type FillKind = (typeof FILL_KINDS)[number];

/** A tool to fill, and how often; or what is counted. */
export interface PlannedFill {
  /** What acts know it by. */
  readonly tool: string;
  readonly count: number;
  readonly kind: FillKind;
  /** What its owner calls it, the jug of a mark, the noun of what is counted; null for a plain size. */
  readonly name: string | null;
  /** Its size in `unit`, as a fraction: "1/2". Of what is halved, the whole. */
  readonly nominal: string;
  readonly unit: ToolUnit | 'each';
  /** What one fill holds; null for what is counted. */
  readonly millilitres: number | null;
  /** The egg that is beaten to be filled in, where it is one. */
  readonly of?: string;
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
  /** What these fills weigh. */
  readonly grams: number;
  /** What the weight of your fills rests on. */
  readonly basis: MeasureBasis;
}

/** What the density of a measure rests on. */
export interface MeasureBasis {
  readonly rung: Rung;
  readonly source: SourceRef;
  /** Where trials of a hand have told: how sure its mean is, and how much its fills scatter. */
  readonly hand?: { readonly relativeSpread: number; readonly fillSpread: number };
}

/** What is to be measured. */
export interface WantedMass {
  readonly ingredient: Ingredient;
  readonly form: string | null;
  readonly method: Method;
  readonly grams: number;
  /** Relative. */
  readonly tolerance: number;
  /** Relative: how far a plan may be off for being handier; what is near enough where not said. */
  readonly allowed?: number;
  /** Whether the nearest is wanted, however much trouble it is. */
  readonly isClosest?: boolean;
  /** In grams: a plan as far off as this is known already, and a nearer one is wanted. */
  readonly nearerThan?: number;
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
    name: tool.name,
    nominal: (tool.halfOf === undefined ? tool.nominal : tool.nominal.mul(2)).toFraction(true),
    unit: tool.unit,
    millilitres: tool.millilitres,
    size: tool.size,
    ...(tool.halfOf !== undefined && { halfOf: tool.halfOf }),
  }));
