import { halvesOf, type Tool, type ToolSet } from '../drawer/index.js';
import type { MeasureSize } from '../measuring/index.js';
import { fewestFills, nearestFills, SAME_ERROR, type FillCounts } from './fewest-fills.js';
import { fillableWith, type Densities } from './filling.js';
import { handyPlans } from './handy-fills.js';
import type { ToolFills } from './plan.js';
import { isWithin } from './tolerance.js';

/** A mass to be filled, and how the recipe says it. */
export interface Goal {
  readonly grams: number;
  /** Relative: what is near enough. */
  readonly tolerance: number;
  /** Relative: how far a plan may be off for being handier. */
  readonly allowed: number;
  /** Whether spoons under a quarter teaspoon are worth it, and half of the smallest. */
  readonly isFine: boolean;
  /** Whether the nearest is wanted, however much trouble it is. */
  readonly isClosest: boolean;
  /** In grams: plans that are as far off as this are known already, and a nearer one is wanted. */
  readonly nearerThan?: number;
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

const candidate = (fills: readonly ToolFills[], mass: number, wanted: number): CandidateFills => ({
  fills,
  grams: mass,
  count: fills.reduce((sum, { count }) => sum + count, 0),
  washes: new Set(fills.map(({ tool }) => tool.wash)).size,
  error: Math.abs(mass - wanted),
});

/** Volumes that are equal on paper may differ so much, relative, in floating point. */
const EXACT = 1e-9;
/** Who writes less than a quarter teaspoon means just that. */
const LESS_THAN_A_QUARTER_MILLILITRES = 1.2;
/** Terms in which an amount is said at all. */
const MOST_TERMS = 3;
const HANDY_TERMS = 2;
/** How much an error counts against a fill: twice what is allowed is as bad as sixteen fills. */
const TROUBLE_OF_ERROR = 4;
const MOST_ALLOWED = 2;

const toolFills = (tools: readonly Tool[], counts: readonly number[]): readonly ToolFills[] =>
  tools.map((tool, index) => ({ tool, count: counts[index]! })).filter(({ count }) => count > 0);

const gramsOf = ({ tool, count }: ToolFills, density: Densities): number =>
  count * (tool.grams ?? tool.millilitres * density[tool.size]);

/** Sets of tools with the halves of what is smallest in them. */
const HALVED = new WeakMap<ToolSet, ToolSet>();

/** The tools of a set, and the halves that come nearer where no spoon measures so little. */
function withHalf(tools: ToolSet): ToolSet {
  let halved = HALVED.get(tools);
  if (!halved) {
    halved = [...tools, ...halvesOf(tools)];
    HALVED.set(tools, halved);
  }
  return halved;
}

/** Fills and kinds of tool to wash, and how far it is off. */
const troubleOf = ({ count, washes, error }: CandidateFills, { grams, allowed }: Goal): number =>
  count + washes + TROUBLE_OF_ERROR * (error / (allowed * grams)) ** 2;

const best = (
  candidates: readonly CandidateFills[],
  isBetter: (a: CandidateFills, b: CandidateFills) => boolean,
): CandidateFills | null =>
  candidates.reduce<CandidateFills | null>(
    (found, one) => (found && !isBetter(one, found) ? found : one),
    null,
  );

/** Sets of tools without the marks that are by weight. */
const BY_VOLUME = new WeakMap<ToolSet, ToolSet>();

function byVolume(tools: ToolSet): ToolSet {
  let found = BY_VOLUME.get(tools);
  if (!found) {
    found = tools.filter(({ grams }) => grams === undefined);
    BY_VOLUME.set(tools, found);
  }
  return found;
}

/** Fills that make the written volume just so by what is stamped on them, and weigh what is meant. */
function asWritten(
  goal: Goal,
  sets: readonly ToolSet[],
  density: Densities,
): CandidateFills | null {
  const { written, grams, tolerance } = goal;
  if (!written) return null;
  const { millilitres, size } = written;
  const isFine = goal.isFine || millilitres < LESS_THAN_A_QUARTER_MILLILITRES;
  const stamped = (tool: Tool): number => tool.stampedMillilitres;
  const found = sets.flatMap((set) =>
    handyPlans(byVolume(set), stamped, {
      target: millilitres,
      furthest: EXACT * millilitres,
      isFine,
      mostTerms: MOST_TERMS,
    }).map(({ fills }) => {
      const mass = fills.reduce((sum, one) => sum + gramsOf(one, density), 0);
      return candidate(fills, mass, grams);
    }),
  );
  // Six tablespoons are a quarter cup and two of them, rather than a third and two teaspoons.
  const isOfSize = ({ fills }: CandidateFills): boolean =>
    fills.every(({ tool }) => isNoSmaller(tool.size, size));
  const any = best(found, isHandier);
  const noSmaller = best(found.filter(isOfSize), isHandier);
  const chosen = noSmaller && any && noSmaller.count <= any.count ? noSmaller : any;
  // Nobody would write it with more fills only because their errors cancel out.
  return chosen && isWithin(chosen.grams / grams - 1, tolerance) ? chosen : null;
}

/** Plans in the terms of a baker, none further off than this, none as far off as what is known. */
function plansWithin(
  goal: Goal,
  sets: readonly ToolSet[],
  density: Densities,
  within: { readonly furthest: number; readonly mostTerms: number; readonly isFine: boolean },
): readonly CandidateFills[] {
  const weigh = (tool: Tool): number => tool.grams ?? tool.millilitres * density[tool.size];
  const known = goal.nearerThan ?? Infinity;
  return sets
    .flatMap((set) => handyPlans(set, weigh, { target: goal.grams, ...within }))
    .filter(({ error }) => error < known - SAME_ERROR)
    .map(({ fills, amount, count, washes, error }) => ({
      fills,
      grams: amount,
      count,
      washes,
      error,
    }));
}

/** The plan of least trouble among those of two terms; null where none is near. */
function handiest(goal: Goal, sets: readonly ToolSet[], density: Densities): CandidateFills | null {
  const furthest = MOST_ALLOWED * goal.allowed * goal.grams * (1 - EXACT);
  const { isFine } = goal;
  const plans = plansWithin(goal, sets, density, { furthest, mostTerms: HANDY_TERMS, isFine });
  return best(plans, (a, b) => {
    const [one, other] = [troubleOf(a, goal), troubleOf(b, goal)];
    return Math.abs(one - other) > SAME_ERROR ? one < other : isHandier(a, b);
  });
}

/** What comes nearest in three terms, with the smallest spoons where nothing else measures so little. */
function nearestInTerms(
  goal: Goal,
  sets: readonly ToolSet[],
  density: Densities,
): CandidateFills | null {
  // Only what is less than any other spoon holds is worth the smallest to everybody.
  const isOpen = !goal.isFine && goal.nearerThan === undefined;
  for (const isFine of isOpen ? [false, true] : [goal.isFine]) {
    for (let furthest = goal.allowed * goal.grams; furthest <= goal.grams; furthest *= WIDER) {
      const plans = plansWithin(goal, sets, density, { furthest, mostTerms: MOST_TERMS, isFine });
      const found = best(plans, isNearer);
      if (found) return found;
    }
  }
  return null;
}
const WIDER = 3;

/**
 * What to fill for a mass, in this order: the written volume just so, where the tools are stamped
 * for it and what they really hold weighs what is meant; else the plan of least trouble in at most
 * two terms ("1 2/3 cups + 1 tbsp"): fills and tools to wash, against how far it is off; else what
 * comes nearest in three. Where the nearest is wanted it is what is near enough by the fewest fills.
 * Null without tools, or where nothing nearer is to be had.
 */
export function chooseFills(
  goal: Goal,
  sets: readonly ToolSet[],
  density: Densities,
): ChosenFills | null {
  const inOrder = goal.prefersMillilitres ? [...sets].reverse() : sets;
  const written = asWritten(goal, inOrder, density);
  const isNew = written && (goal.nearerThan === undefined || written.error < goal.nearerThan);
  const exact = isNew ? written : null;
  if (exact && exact.count <= COUNTED_EASILY) return exact;
  const handy = goal.isClosest ? closest(goal, inOrder, density) : handiest(goal, inOrder, density);
  // Forty cups stay forty; but nobody counts forty spoons where two mugs will do.
  if (exact && (!handy || handy.count * 2 > exact.count)) return exact;
  return (
    handy ??
    nearestInTerms(goal, inOrder, density) ??
    (goal.nearerThan === undefined ? nearestOfAll(goal, inOrder, density) : null)
  );
}

const searched = (tools: ToolSet, found: FillCounts | null, grams: number): CandidateFills[] =>
  found ? [candidate(toolFills(tools, found.counts), found.grams, grams)] : [];

/** Of what is near enough the fewest fills, whatever they are. */
function closest(goal: Goal, sets: readonly ToolSet[], density: Densities): CandidateFills | null {
  const { grams, tolerance } = goal;
  const near = sets.flatMap((tools) =>
    searched(tools, fewestFills(grams, grams * tolerance, fillableWith(tools, density)), grams),
  );
  return best(near, isHandier) ?? nearestOfAll(goal, sets, density);
}

/** What comes nearest with whatever is there, the smallest spoon halved. */
function nearestOfAll({ grams }: Goal, sets: readonly ToolSet[], density: Densities) {
  const all = sets.flatMap((set) => {
    const tools = withHalf(set);
    return searched(tools, nearestFills(grams, fillableWith(tools, density)), grams);
  });
  return best(all, isNearer);
}
