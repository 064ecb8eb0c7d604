import { halfOf, type Tool, type ToolSet } from '../drawer/index.js';
import type { MeasureSize } from '../measuring/index.js';
import {
  fewestFills,
  nearestFills,
  SAME_ERROR,
  type Fillable,
  type FillCounts,
} from './fewest-fills.js';
import { fillableWith, type Densities } from './filling.js';
import type { ToolFills } from './plan.js';
import { isWithin } from './tolerance.js';

/** A mass to be filled, and how the recipe says it. */
export interface Goal {
  readonly grams: number;
  /** Relative: what is near enough. */
  readonly tolerance: number;
  /** The volume that is written, at this batch; null where the recipe gives none. */
  readonly written: { readonly millilitres: number; readonly size: MeasureSize } | null;
  /** Whether millilitres are the first choice where both kinds of mark would do. */
  readonly prefersMillilitres: boolean;
}

/** Fills of tools of one set, and what they weigh. */
export interface ChosenFills {
  readonly fills: readonly ToolFills[];
  readonly grams: number;
}

interface CandidateFills extends ChosenFills {
  readonly count: number;
  readonly washes: number;
  /** In grams. */
  readonly error: number;
}

/** So many fills of one tool are counted without a slip. */
export const COUNTED_EASILY = 12;

const SIZES: readonly MeasureSize[] = ['tsp', 'tbsp', 'cup'];

const isNoSmaller = (size: MeasureSize, than: MeasureSize): boolean =>
  SIZES.indexOf(size) >= SIZES.indexOf(than);

/** Fewest fills, then fewest tools to wash, then least error. */
const isHandier = (a: CandidateFills, b: CandidateFills): boolean =>
  a.count !== b.count
    ? a.count < b.count
    : a.washes !== b.washes
      ? a.washes < b.washes
      : a.error < b.error - SAME_ERROR;

const isNearer = (a: CandidateFills, b: CandidateFills): boolean =>
  Math.abs(a.error - b.error) > SAME_ERROR ? a.error < b.error : isHandier(a, b);

function best(
  sets: readonly ToolSet[],
  find: (tools: ToolSet) => CandidateFills | null,
  isBetter: (a: CandidateFills, b: CandidateFills) => boolean,
): CandidateFills | null {
  let found: CandidateFills | null = null;
  for (const tools of sets) {
    const one = find(tools);
    if (one && (!found || isBetter(one, found))) found = one;
  }
  return found;
}

/** A tool holds a plain part of a volume when so many of its fills, by parts of up to a twelfth, make it. */
const LARGEST_PART = 12;
const EXACT = 1e-9;

const isWhole = (value: number): boolean =>
  Math.abs(value - Math.round(value)) <= EXACT * Math.max(1, value);

function isPlainPart(tool: Tool, millilitres: number): boolean {
  const times = millilitres / tool.stampedMillilitres;
  for (let part = 1; part <= LARGEST_PART; part++) if (isWhole(times * part)) return true;
  return false;
}

/** The largest volume that all of these are a whole number of. */
function commonVolume(tools: readonly Tool[]): number {
  return tools.reduce((common, { stampedMillilitres: stamped }) => {
    let [larger, smaller] = [stamped, common];
    while (smaller > EXACT * stamped * 1e3) [larger, smaller] = [smaller, larger % smaller];
    return larger;
  }, 0);
}

/** Fills that are a volume by what is stamped on them: the fewest. Null where these tools can't. */
function exactly(millilitres: number, tools: readonly Tool[]): readonly ToolFills[] | null {
  const parts = tools.filter((tool) => tool.grams === undefined && isPlainPart(tool, millilitres));
  if (parts.length === 0) return null;
  const common = commonVolume(parts);
  // As 1.37 cups: no fills of these make it, and none have to be tried.
  if (Math.abs(millilitres / common - Math.round(millilitres / common)) > 1e-6) return null;
  const volumes = parts.map((tool): Fillable => ({
    grams: tool.stampedMillilitres,
    wash: tool.wash,
  }));
  const found = fewestFills(millilitres, EXACT * millilitres, volumes);
  return found && toolFills(parts, found.counts);
}

const toolFills = (tools: readonly Tool[], counts: readonly number[]): readonly ToolFills[] =>
  tools.map((tool, index) => ({ tool, count: counts[index]! })).filter(({ count }) => count > 0);

const gramsOf = ({ tool, count }: ToolFills, density: Densities): number =>
  count * (tool.grams ?? tool.millilitres * density[tool.size]);

/** Sets of tools with the halves of what is smallest in them. */
const HALVED = new WeakMap<ToolSet, ToolSet>();

/**
 * The tools of a set, and its smallest spoon halved: level it, part it with the blade and push one
 * half out; half a pinch too, but no half drop. Where no spoon measures so little, that comes nearer than a whole one.
 */
function withHalf(tools: ToolSet): ToolSet {
  let halved = HALVED.get(tools);
  if (!halved) {
    const smallest = tools
      .filter(({ kind }) => kind === 'spoon')
      .sort((a, b) => a.millilitres - b.millilitres)
      .slice(0, 1);
    const pinches = tools.filter(({ kind, unit }) => kind === 'pinch' && unit !== 'drop');
    halved = [...tools, ...[...smallest, ...pinches].map(halfOf)];
    HALVED.set(tools, halved);
  }
  return halved;
}

/**
 * What to fill for a mass, in this order: the written volume just so, where the tools are stamped
 * for it and what they really hold weighs what is meant; else, of what comes near enough, the fewest fills, then the
 * fewest tools to wash, then the least error; else what comes nearest. Null without tools.
 */
export function chooseFills(
  goal: Goal,
  sets: readonly ToolSet[],
  density: Densities,
): ChosenFills | null {
  const { grams, tolerance, written, prefersMillilitres } = goal;
  const inOrder = prefersMillilitres ? [...sets].reverse() : sets;
  const candidate = (fills: readonly ToolFills[], mass: number): CandidateFills => ({
    fills,
    grams: mass,
    count: fills.reduce((sum, { count }) => sum + count, 0),
    washes: new Set(fills.map(({ tool }) => tool.wash)).size,
    error: Math.abs(mass - grams),
  });
  const searched = (tools: ToolSet, found: FillCounts | null): CandidateFills | null =>
    found && candidate(toolFills(tools, found.counts), found.grams);
  const asWritten = (tools: readonly Tool[]): CandidateFills | null => {
    const fills = written && exactly(written.millilitres, tools);
    if (!fills) return null;
    const mass = fills.reduce((sum, one) => sum + gramsOf(one, density), 0);
    return isWithin(mass / grams - 1, tolerance) ? candidate(fills, mass) : null;
  };
  const justSo = (tools: ToolSet): CandidateFills | null => {
    const any = asWritten(tools);
    // Six tablespoons are a quarter cup and two of them, rather than a third and two teaspoons.
    const noSmaller = asWritten(tools.filter(({ size }) => isNoSmaller(size, written!.size)));
    if (any && noSmaller) return noSmaller.count <= any.count ? noSmaller : any;
    // A table can weigh spoons and cups differently: then spoons stay spoons.
    return any ?? noSmaller ?? asWritten(tools.filter(({ size }) => size === written!.size));
  };
  const nearEnough = (tools: ToolSet): CandidateFills | null =>
    searched(tools, fewestFills(grams, grams * tolerance, fillableWith(tools, density)));
  const nearest = (tools: ToolSet): CandidateFills | null => {
    const halved = withHalf(tools);
    return searched(halved, nearestFills(grams, fillableWith(halved, density)));
  };
  const exact = written && best(inOrder, justSo, isHandier);
  if (exact && exact.count <= COUNTED_EASILY) return exact;
  const near = best(inOrder, nearEnough, isHandier);
  // Forty cups stay forty; but nobody counts forty spoons where two mugs will do.
  if (exact && (!near || near.count * 2 > exact.count)) return exact;
  return near ?? best(inOrder, nearest, isNearer);
}
