import { Fraction } from '../amount/index.js';
import type { MeasureSize } from '../measuring/index.js';
import { millilitresIn, NOMINAL_UNITS, type NominalUnit, type Standard } from '../units/index.js';

/** What the size of a tool is told in. */
export const TOOL_UNITS = [
  'cup',
  'tbsp',
  'tsp',
  'ml',
  'stick',
  'g',
  'oz',
  ...NOMINAL_UNITS,
] as const;
/** One of `TOOL_UNITS`. */
export type ToolUnit = (typeof TOOL_UNITS)[number];

/** One thing that can be filled: a cup, a spoon, a mark of the jug, a mark of a butter block. */
export interface Tool {
  /** What plans and acts know it by, unique in a drawer. It tells nothing: its facts stand beside it. */
  readonly id: string;
  readonly kind: 'cup' | 'spoon' | 'jug' | 'block' | 'pinch';
  /** What its owner calls it, or the jug that it is a mark of; null for what is called by its size. */
  readonly name: string | null;
  /** What it really holds, as far as is known. */
  readonly millilitres: number;
  /** What is stamped on it. */
  readonly stampedMillilitres: number;
  /** What it holds, in `unit`. */
  readonly nominal: Fraction;
  readonly unit: ToolUnit;
  /** For what is marked by mass: the grams of one, whatever its density. */
  readonly grams?: number;
  readonly size: MeasureSize;
  /** The tool that this is half of. */
  readonly halfOf?: string;
  /** Tools of one wash are one thing to rinse: all marks of a jug. */
  readonly wash: string;
}

/** A thing in a kitchen's drawer, as its owner describes it. */
export interface ToolDescription {
  /** Unique in the drawer, and what plans call it. */
  readonly name: string;
  readonly kind: 'cup' | 'spoon' | 'jug';
  /** What is stamped on it, in `unit`; of a jug its highest mark. */
  readonly nominal: Fraction;
  readonly unit: 'cup' | 'tbsp' | 'tsp' | 'ml';
  /** What it really holds, by calibration; null while it is believed. Of a jug at its highest mark. */
  readonly millilitres: number | null;
  /** Missing, or in the wash: plans do without it. */
  readonly aside: boolean;
}

/** What is stamped on a tool, in millilitres, under the drawer's standard. */
export function stampedMillilitres(
  { nominal, unit }: Pick<ToolDescription, 'nominal' | 'unit'>,
  standard: Standard,
): number {
  return millilitresIn(unit, standard).mul(nominal).valueOf();
}

/** A nominal tool for what is measured without one: 1/16 tsp for a pinch, and so on. */
export function fingerTool(unit: NominalUnit): Tool {
  const millilitres = millilitresIn(unit, 'us-customary').valueOf();
  return {
    id: unit,
    kind: 'pinch',
    name: null,
    stampedMillilitres: millilitres,
    millilitres,
    nominal: new Fraction(1),
    unit,
    size: 'tsp',
    wash: unit,
  };
}

/** Half of what a spoon holds, parted with a blade; or half a pinch. */
function halfOf(spoon: Tool): Tool {
  return {
    ...spoon,
    id: `${spoon.id}/2`,
    halfOf: spoon.wash,
    millilitres: spoon.millilitres / 2,
    stampedMillilitres: spoon.stampedMillilitres / 2,
    nominal: spoon.nominal.div(2),
  };
}

/**
 * What of these can be halved to measure less than any of them: the smallest spoon, which is
 * levelled, parted with the blade and one half pushed out; and a pinch, but no drop.
 */
export function halvesOf(tools: readonly Tool[]): readonly Tool[] {
  const smallest = tools
    .filter(({ kind }) => kind === 'spoon')
    .reduce<Tool | null>((a, b) => (a && a.millilitres <= b.millilitres ? a : b), null);
  const pinches = tools.filter(({ kind, unit }) => kind === 'pinch' && unit !== 'drop');
  return [...(smallest ? [smallest] : []), ...pinches].map(halfOf);
}
