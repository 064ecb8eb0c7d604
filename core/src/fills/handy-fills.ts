import { halvesOf, type ToolSet } from '../drawer/index.js';
import type { ToolFills } from './plan.js';
import {
  oneSpoon,
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
/** What is poured out of a jug or cut off a block is not filled up with a cup: one of these in a plan. */
const LARGE: ReadonlySet<TermGroup> = new Set(['block', 'jug', 'cup']);

const TERM_TOOLS = new WeakMap<ToolSet, Readonly<Record<'plain' | 'fine', TermTools>>>();

/** The tools of a set by their terms, with the smallest spoon halved where that is fine to do. */
function toolsBy(set: ToolSet, isFine: boolean): TermTools {
  let found = TERM_TOOLS.get(set);
  if (!found) {
    const plain = termTools(set, []);
    found = { plain: { ...plain, small: [], half: [] }, fine: termTools(set, halvesOf(set)) };
    TERM_TOOLS.set(set, found);
  }
  return found[isFine ? 'fine' : 'plain'];
}

const together = (terms: readonly Term[], weigh: Weigh, target: number): HandyFills => {
  let amount = 0;
  let count = 0;
  const washes: string[] = [];
  const all: ToolFills[] = [];
  for (const { fills } of terms) {
    for (const fill of fills) {
      all.push(fill);
      amount += fill.count * weigh(fill.tool);
      count += fill.count;
      if (!washes.includes(fill.tool.wash)) washes.push(fill.tool.wash);
    }
  }
  return {
    fills: all,
    amount,
    count,
    washes: washes.length,
    terms: terms.length,
    error: Math.abs(amount - target),
  };
};

const amountOf = ({ fills }: Term, weigh: Weigh): number =>
  fills.reduce((sum, { tool, count }) => sum + count * weigh(tool), 0);

/** A term with what it comes to, as it is searched for. */
interface Choice {
  readonly term: Term;
  readonly amount: number;
  readonly isLarge: boolean;
}

/** Where the first of at least so much stands, in what is sorted from the least. */
function firstOf(choices: readonly Choice[], amount: number): number {
  let [from, to] = [0, choices.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (choices[middle]!.amount < amount) from = middle + 1;
    else to = middle;
  }
  return from;
}

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
  const followed =
    FOLLOWED_BY.tbsp * oneSpoon('tbsp', tools, weigh) +
    FOLLOWED_BY.tsp * oneSpoon('tsp', tools, weigh);
  const reach = { low: target - furthest - followed, high: target + furthest };
  // The larger kinds come first, and each kind is sorted from the least.
  const byGroup: Choice[][] = [];
  for (const term of termsWithin(tools, weigh, reach)) {
    const amount = amountOf(term, weigh);
    const isLarge = LARGE.has(term.group);
    if (amount > reach.high || (isLarge && amount < reach.low)) continue;
    const last = byGroup.at(-1);
    if (last?.[0]!.term.group === term.group) last.push({ term, amount, isLarge });
    else byGroup.push([{ term, amount, isLarge }]);
  }
  for (const group of byGroup) group.sort((a, b) => a.amount - b.amount);
  // The most that a term of this group or of a smaller one comes to.
  const mostFrom = byGroup.map((group) => group[group.length - 1]!.amount);
  for (let at = mostFrom.length - 2; at >= 0; at--) {
    mostFrom[at] = Math.max(mostFrom[at]!, mostFrom[at + 1]!);
  }
  const plans: HandyFills[] = [];
  /** Adds a term of this group or of a smaller one; there may be so many more. */
  const add = (chosen: readonly Term[], hasLarge: boolean, amount: number, from: number): void => {
    const left = mostTerms - chosen.length;
    for (let group = from; group < byGroup.length; group++) {
      const found = byGroup[group]!;
      if (hasLarge && found[0]!.isLarge) continue;
      // What is added now, and the most that may follow it, must come near.
      const follow = (left - 1) * (mostFrom[group + 1] ?? 0);
      const least = target - furthest - amount - follow - SLACK * target;
      for (let at = firstOf(found, least); at < found.length; at++) {
        const one = found[at]!;
        const sum = amount + one.amount;
        if (sum > reach.high) break;
        const terms = [...chosen, one.term];
        if (Math.abs(sum - target) <= furthest) plans.push(together(terms, weigh, target));
        if (left > 1) add(terms, hasLarge || one.isLarge, sum, group + 1);
      }
    }
  };
  add([], false, 0, 0);
  return plans;
}
/** Sums in floating point may come out so much apart, relative. */
const SLACK = 1e-12;
