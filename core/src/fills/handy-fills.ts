import { halfOf, type Tool, type ToolSet } from '../drawer/index.js';
import type { ToolFills } from './plan.js';
import {
  TERM_GROUPS,
  termsWithin,
  termTools,
  type Term,
  type TermGroup,
  type TermTools,
  type Weigh,
} from './terms.js';

/** Fills as a baker says them, in terms, and what they come to. */
export interface HandyFills {
  readonly fills: readonly ToolFills[];
  /** What they come to, in the measure that was searched in. */
  readonly amount: number;
  readonly count: number;
  readonly washes: number;
  readonly terms: number;
  /** How far from what is wanted, in the same measure. */
  readonly error: number;
}

/** Beyond the largest spoons that may follow a cup or a mark, in what one of each comes to. */
const FOLLOWED_BY = { tbsp: 3.5, tsp: 3 } as const;
/** What is poured out of a jug or cut off a block is not filled up with a cup. */
const ONE_OF: readonly ReadonlySet<TermGroup>[] = [new Set(['block', 'jug', 'cup'])];

const TERM_TOOLS = new WeakMap<ToolSet, Readonly<Record<'plain' | 'fine', TermTools>>>();

/** The tools of a set by their terms, with the smallest spoon halved where that is fine to do. */
function toolsBy(set: ToolSet, isFine: boolean): TermTools {
  let found = TERM_TOOLS.get(set);
  if (!found) {
    const smallest = set
      .filter(({ kind }) => kind === 'spoon')
      .reduce<Tool | null>((a, b) => (a && a.millilitres <= b.millilitres ? a : b), null);
    const pinches = set.filter(({ kind, unit }) => kind === 'pinch' && unit !== 'drop');
    const halves = [...(smallest ? [smallest] : []), ...pinches].map(halfOf);
    const plain = termTools(set, []);
    found = { plain: { ...plain, small: [], half: [] }, fine: termTools(set, halves) };
    TERM_TOOLS.set(set, found);
  }
  return found[isFine ? 'fine' : 'plain'];
}

const together = (terms: readonly Term[], weigh: Weigh, target: number): HandyFills => {
  let amount = 0;
  let count = 0;
  const washes = new Set<string>();
  for (const { fills } of terms) {
    for (const fill of fills) {
      amount += fill.count * weigh(fill.tool);
      count += fill.count;
      washes.add(fill.tool.wash);
    }
  }
  return {
    fills: terms.flatMap(({ fills }) => fills),
    amount,
    count,
    washes: washes.size,
    terms: terms.length,
    error: Math.abs(amount - target),
  };
};

const amountOf = ({ fills }: Term, weigh: Weigh): number =>
  fills.reduce((sum, { tool, count }) => sum + count * weigh(tool), 0);

const isSmall = ({ group }: Term): boolean => !ONE_OF[0]!.has(group);

const goTogether = (a: TermGroup, b: TermGroup): boolean =>
  a !== b && !ONE_OF.some((groups) => groups.has(a) && groups.has(b));

/**
 * Every plan of at most so many terms for a target that comes within `furthest` of it: what a baker
 * would write, the larger measure first. `weigh` says what one fill of a tool comes to; where it is
 * nothing the tool is left out. `isFine` lets in spoons under a quarter teaspoon and half of the
 * smallest.
 */
export function handyPlans(
  set: ToolSet,
  weigh: Weigh,
  {
    target,
    furthest,
    isFine,
    mostTerms,
  }: {
    readonly target: number;
    readonly furthest: number;
    readonly isFine: boolean;
    readonly mostTerms: number;
  },
): readonly HandyFills[] {
  const tools = toolsBy(
    set.every((tool) => weigh(tool) > 0) ? set : set.filter((tool) => weigh(tool) > 0),
    isFine,
  );
  const spoon = (unit: 'tbsp' | 'tsp'): number => {
    const [coin] = tools[unit];
    return coin ? (weigh(coin.tool) / coin.tool.nominal.valueOf()) * FOLLOWED_BY[unit] : 0;
  };
  const reach = { low: target - furthest - spoon('tbsp') - spoon('tsp'), high: target + furthest };
  const terms = termsWithin(tools, weigh, reach)
    .map((term) => ({ term, amount: amountOf(term, weigh) }))
    .filter(({ term, amount }) => amount <= reach.high && (amount >= reach.low || isSmall(term)));
  const rank = (group: TermGroup): number => TERM_GROUPS.indexOf(group);
  const plans: HandyFills[] = [];
  const add = (chosen: readonly Term[], amount: number): void => {
    if (Math.abs(amount - target) <= furthest) plans.push(together(chosen, weigh, target));
    if (chosen.length === mostTerms) return;
    for (const { term, amount: more } of terms) {
      if (amount + more > reach.high) continue;
      const isNext = chosen.every(
        ({ group }) => rank(group) < rank(term.group) && goTogether(group, term.group),
      );
      if (isNext) add([...chosen, term], amount + more);
    }
  };
  for (const { term, amount } of terms) {
    // What is followed by spoons alone must come near by itself.
    add([term], amount);
  }
  return plans;
}
