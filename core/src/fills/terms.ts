import type { Tool, ToolSet } from '../drawer/index.js';
import type { ToolFills } from './plan.js';

/** What a baker says in one breath: "1 2/3 cups", "2 tbsp", "1 1/2 tsp", a mark of a jug or a block. */
export interface Term {
  readonly group: TermGroup;
  readonly fills: readonly ToolFills[];
}

/** Kinds of terms, the larger first: a plan has at most one of each. */
export type TermGroup =
  'block' | 'jug' | 'cup' | 'odd' | 'tbsp' | 'tsp' | 'pinch' | 'small' | 'half';

/** What stays of a cup in 24ths: nothing, a quarter, a third, a half, two thirds, three quarters. */
const CUP_PARTS = 24;
const PLAIN_FRACTIONS = [0, 6, 8, 12, 16, 18];
/** Up to three tablespoons in halves; up to two and three quarters teaspoons in quarters. */
const SPOONS = { tbsp: { parts: 2, most: 6 }, tsp: { parts: 4, most: 11 } } as const;
/** So many fills of an odd tool, and so many pinches, are a term. */
const MOST_OF_ODD = 24;
const MOST_PINCHES = 8;

/** A tool as so many equal parts of its unit. */
interface Coin {
  readonly tool: Tool;
  readonly parts: number;
}

/** The tools of a drawer, sorted by the terms that they make. */
export interface TermTools {
  readonly cups: readonly Coin[];
  readonly tbsp: readonly Coin[];
  readonly tsp: readonly Coin[];
  /** Every term of these spoons. */
  readonly spoons: readonly Term[];
  readonly jug: readonly Tool[];
  readonly block: readonly Tool[];
  readonly odd: readonly Tool[];
  /** Spoons under a quarter teaspoon. */
  readonly small: readonly Tool[];
  /** Half of the smallest spoon, half a pinch. */
  readonly half: readonly Tool[];
  readonly pinch: readonly Tool[];
}

const isWhole = (value: number): boolean => Math.abs(value - Math.round(value)) < 1e-9;

function coinOf(tool: Tool, parts: number): Coin | null {
  const count = tool.nominal.valueOf() * parts;
  return isWhole(count) && count >= 1 ? { tool, parts: Math.round(count) } : null;
}

/** A cup that no plain fraction is filled with, or that has a name of its own, is a term of its own. */
const isPlainCup = ({ kind, unit, name, nominal }: Tool): boolean =>
  kind === 'cup' &&
  unit === 'cup' &&
  name === null &&
  [...PLAIN_FRACTIONS, CUP_PARTS].includes(Math.round((nominal.valueOf() % 1) * CUP_PARTS));

const SMALLEST_TSP = 0.25;

/** The tools of a set by the terms that they make. */
export function termTools(tools: ToolSet, halves: readonly Tool[]): TermTools {
  const of = (test: (tool: Tool) => boolean): readonly Tool[] => tools.filter(test);
  const coins = (some: readonly Tool[], parts: number): readonly Coin[] =>
    some.flatMap((tool) => coinOf(tool, parts) ?? []).sort((a, b) => b.parts - a.parts);
  const spoon = (unit: Tool['unit']) => (tool: Tool) =>
    tool.kind === 'spoon' && tool.unit === unit && tool.name === null;
  const teaspoons = of(spoon('tsp'));
  const cups = coins(of(isPlainCup), CUP_PARTS);
  const tbsp = coins(of(spoon('tbsp')), SPOONS.tbsp.parts);
  const tsp = coins(
    teaspoons.filter(({ nominal }) => nominal.valueOf() >= SMALLEST_TSP),
    SPOONS.tsp.parts,
  );
  const small = teaspoons.filter(({ nominal }) => nominal.valueOf() < SMALLEST_TSP);
  const jug = of(({ kind }) => kind === 'jug');
  const block = of(({ kind }) => kind === 'block');
  const pinch = of(({ kind }) => kind === 'pinch');
  const taken = new Set<Tool>([
    ...[...cups, ...tbsp, ...tsp].map(({ tool }) => tool),
    ...small,
    ...jug,
    ...block,
    ...pinch,
  ]);
  return {
    cups,
    tbsp,
    tsp,
    spoons: [...spoonTerms('tbsp', tbsp), ...spoonTerms('tsp', tsp)],
    jug,
    block,
    small,
    half: halves,
    pinch,
    odd: of((tool) => !taken.has(tool)),
  };
}

/** Ways to make so many parts, remembered for each set of coins. */
const CHANGE = new WeakMap<readonly Coin[], Map<number, readonly ToolFills[] | null>>();

/** The fewest fills that are just so many parts, the larger first; null where these tools can't. */
function fillsFor(parts: number, coins: readonly Coin[]): readonly ToolFills[] | null {
  let known = CHANGE.get(coins);
  if (!known) CHANGE.set(coins, (known = new Map()));
  let found = known.get(parts);
  if (found === undefined) known.set(parts, (found = change(parts, coins)));
  return found;
}

function change(parts: number, coins: readonly Coin[]): readonly ToolFills[] | null {
  const largest = coins[0];
  if (!largest) return null;
  // Forty cups are forty of the largest, and what is left is looked for.
  const settled = Math.max(0, Math.floor(parts / largest.parts) - 2);
  const left = parts - settled * largest.parts;
  const fewest: number[] = [0];
  const last: (Coin | null)[] = [null];
  for (let at = 1; at <= left; at++) {
    fewest[at] = Infinity;
    last[at] = null;
    for (const coin of coins) {
      const before = at - coin.parts;
      if (before < 0 || fewest[before]! + 1 >= fewest[at]!) continue;
      fewest[at] = fewest[before]! + 1;
      last[at] = coin;
    }
  }
  if (left > 0 && !last[left]) return null;
  const counts = new Map<Tool, number>();
  if (settled > 0) counts.set(largest.tool, settled);
  for (let at = left; at > 0; at -= last[at]!.parts) {
    const { tool } = last[at]!;
    counts.set(tool, (counts.get(tool) ?? 0) + 1);
  }
  return coins.flatMap(({ tool }) =>
    counts.has(tool) ? [{ tool, count: counts.get(tool)! }] : [],
  );
}

/** What a fill weighs, or holds, in the measure that is searched in. */
export type Weigh = (tool: Tool) => number;

/** From the least to the most, in that measure. */
export interface Reach {
  readonly low: number;
  readonly high: number;
}

/** What one of these spoons comes to; 0 where the drawer has none. */
export function oneSpoon(unit: 'tbsp' | 'tsp', tools: TermTools, weigh: Weigh): number {
  const [coin] = tools[unit];
  return coin ? (weigh(coin.tool) / coin.parts) * SPOONS[unit].parts : 0;
}

const term = (group: TermGroup, fills: readonly ToolFills[]): Term => ({ group, fills });

const spoonTerms = (group: 'tbsp' | 'tsp', coins: readonly Coin[]): readonly Term[] =>
  Array.from({ length: SPOONS[group].most }, (_, at) => fillsFor(at + 1, coins)).flatMap((fills) =>
    fills ? [term(group, fills)] : [],
  );

/** Cups from a little under what is wanted up to it: a whole number and a plain fraction. */
function cupTerms({ cups }: TermTools, weigh: Weigh, { low, high }: Reach): Term[] {
  const one = cups[0] && weigh(cups[0].tool) / (cups[0].parts / CUP_PARTS);
  if (!one || !(one > 0)) return [];
  const terms: Term[] = [];
  for (let whole = Math.max(0, Math.floor(low / one) - 1); whole * one <= high; whole++) {
    for (const fraction of PLAIN_FRACTIONS) {
      const fills = fillsFor(whole * CUP_PARTS + fraction, cups);
      if (fills && fills.length > 0) terms.push(term('cup', fills));
    }
  }
  return terms;
}

/** One mark, or so many pours to the highest and one to another. */
function markTerms(group: 'jug' | 'block', marks: readonly Tool[], weigh: Weigh, high: number) {
  const [first] = marks;
  if (!first) return [];
  const largest = marks.reduce((a, b) => (weigh(b) > weigh(a) ? b : a), first);
  const full = Math.max(0, Math.floor(high / weigh(largest) + 1e-9));
  const terms: Term[] = [];
  for (let pours = Math.max(0, full - 1); pours <= full; pours++) {
    const filled = pours > 0 ? [{ tool: largest, count: pours }] : [];
    if (pours > 0) terms.push(term(group, filled));
    for (const mark of marks) {
      if (mark === largest) continue;
      terms.push(term(group, [...filled, { tool: mark, count: 1 }]));
    }
  }
  return terms;
}

/** Every term that these tools make and that lies within reach, the larger kinds first. */
export function termsWithin(tools: TermTools, weigh: Weigh, reach: Reach): readonly Term[] {
  const counted = (group: TermGroup, some: readonly Tool[], most: number): Term[] =>
    some.flatMap((tool) => {
      const upTo = Math.min(most, Math.floor(reach.high / weigh(tool)));
      return Array.from({ length: upTo }, (_, at) => term(group, [{ tool, count: at + 1 }]));
    });
  return [
    ...markTerms('block', tools.block, weigh, reach.high),
    ...markTerms('jug', tools.jug, weigh, reach.high),
    ...cupTerms(tools, weigh, reach),
    ...counted('odd', tools.odd, MOST_OF_ODD),
    ...tools.spoons,
    ...counted('pinch', tools.pinch, MOST_PINCHES),
    ...counted('small', tools.small, 1),
    ...counted('half', tools.half, 1),
  ];
}
