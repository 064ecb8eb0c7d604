/** A tool as the search sees it: what one fill weighs, and what it shares a wash with. */
export interface Fillable {
  readonly grams: number;
  readonly wash: string;
}

/** How often each of the given tools is filled, and what that weighs together. */
export interface FillCounts {
  readonly counts: readonly number[];
  readonly grams: number;
}

/** Beyond the fewest that could reach the mass, this many more fills are tried. */
const EXTRA_FILLS = 8;
/** So many fills are searched; what a larger mass needs beyond them goes into the heaviest tool. */
const DEEPEST = 24;
/** Combinations looked at before the best so far is taken; a guard, never met by real drawers. */
const MOST_STEPS = 60_000;
/** Errors this close, in grams, are the same but for floating point. */
export const SAME_ERROR = 1e-9;

/** Tools do not change while they are searched for one mass after another. */
const ORDERS = new WeakMap<readonly Fillable[], readonly number[]>();

/** Indexes of the tools that hold anything, heaviest fill first. */
function heaviestFirst(tools: readonly Fillable[]): readonly number[] {
  let order = ORDERS.get(tools);
  if (!order) ORDERS.set(tools, (order = sort(tools)));
  return order;
}

function sort(tools: readonly Fillable[]): readonly number[] {
  const order: number[] = [];
  for (let index = 0; index < tools.length; index++) {
    const { grams } = tools[index]!;
    if (!(grams > 0)) continue;
    // Drawers come nearly sorted, where inserting is the quickest way to sort.
    let at = order.length;
    while (at > 0 && tools[order[at - 1]!]!.grams < grams) at--;
    order.splice(at, 0, index);
  }
  return order;
}

/** One search: the state of the descent, and the best combination met. */
class Search {
  best: FillCounts | null = null;
  steps = 0;
  private bestWashes = Infinity;
  private bestError = Infinity;
  private bestSmallest = Infinity;
  private readonly chosen: number[] = [];
  private readonly weights: Float64Array;
  private readonly low: number;
  private readonly high: number;

  /** Fills of the heaviest tool that are settled before the search begins. */
  private readonly settled: number;

  constructor(
    private readonly tools: readonly Fillable[],
    private readonly order: readonly number[],
    private readonly target: number,
    tolerance: number,
  ) {
    this.weights = new Float64Array(order.length);
    for (let i = 0; i < order.length; i++) this.weights[i] = tools[order[i]!]!.grams;
    // A hair wider, so that a sum that is exact on paper is not lost to floating point.
    const hair = 1e-12 * target;
    this.settled = Math.max(0, Math.floor((target - tolerance) / this.weights[0]!) - DEEPEST);
    const settled = this.settled * this.weights[0]!;
    this.low = target - tolerance - hair - settled;
    this.high = target + tolerance + hair - settled;
  }

  fewestThatCouldReach(): number {
    return Math.max(1, Math.ceil(this.low / this.weights[0]!));
  }

  /** Every way to add `left` fills, of tools from `from` on, that can still end in the window. */
  descend(from: number, left: number, grams: number): void {
    const { weights, low, high } = this;
    const smallest = weights[weights.length - 1]!;
    for (let i = from; i < weights.length; i++) {
      const weight = weights[i]!;
      if (grams + left * weight < low) return;
      if (grams + weight + (left - 1) * smallest > high) continue;
      if (++this.steps > MOST_STEPS) return;
      this.chosen.push(i);
      if (left === 1) this.consider(grams + weight + this.settled * weights[0]!);
      else this.descend(i, left - 1, grams + weight);
      this.chosen.pop();
    }
  }

  private consider(grams: number): void {
    const error = Math.abs(grams - this.target);
    const washes = this.washes();
    const smallest = this.chosen.at(-1)!;
    if (washes > this.bestWashes) return;
    if (washes === this.bestWashes && !this.isCloser(error, smallest)) return;
    const counts = new Array<number>(this.tools.length).fill(0);
    for (const i of this.chosen) counts[this.order[i]!]!++;
    counts[this.order[0]!]! += this.settled;
    this.best = { counts, grams };
    this.bestWashes = washes;
    this.bestError = error;
    this.bestSmallest = smallest;
  }

  /** Of several tools that are as close, those without small spoons. They come by their size. */
  private isCloser(error: number, smallest: number): boolean {
    if (Math.abs(error - this.bestError) > SAME_ERROR) return error < this.bestError;
    return this.bestWashes > 1 && smallest < this.bestSmallest;
  }

  private washes(): number {
    // Chosen tools come in order, so repeats of a tool stand side by side.
    if (this.chosen.length === 1) return 1;
    const seen = this.settled > 0 ? [this.tools[this.order[0]!]!.wash] : [];
    for (const i of this.chosen) {
      const { wash } = this.tools[this.order[i]!]!;
      if (!seen.includes(wash)) seen.push(wash);
    }
    return seen.length;
  }
}

/**
 * The fills whose mass is within `tolerance` grams of `target`: fewest fills, then fewest
 * different tools to wash, then least error. The search goes through every combination of a
 * number of fills before it allows one more; combinations that cannot get there are cut.
 *
 * Null when no combination is within the tolerance. `tools` may come in any order; counts
 * are in that order.
 *
 * @example
 * fewestFills(100, 1, [{ grams: 60, wash: 'cup' }, { grams: 20, wash: 'spoon' }])
 * // { counts: [1, 2], grams: 100 }
 */
export function fewestFills(
  target: number,
  tolerance: number,
  tools: readonly Fillable[],
): FillCounts | null {
  const order = heaviestFirst(tools);
  if (order.length === 0) return null;
  const search = new Search(tools, order, target, tolerance);
  const first = search.fewestThatCouldReach();
  for (let fills = first; fills <= first + EXTRA_FILLS; fills++) {
    search.descend(0, fills, 0);
    if (search.best || search.steps > MOST_STEPS) break;
  }
  return search.best;
}

/** Reaches grow by so much until something is found, and shrink by this hair below what was. */
const WIDER = 1.5;
const CLOSER = 1 - 1e-9;

/**
 * The fills that come nearest to `target`, of those with a few fills more than it needs; the
 * fewest among equals. Null without tools, or for nothing.
 */
export function nearestFills(target: number, tools: readonly Fillable[]): FillCounts | null {
  let nearest: FillCounts | null = null;
  if (!(target > 0) || heaviestFirst(tools).length === 0) return null;
  for (let reach = target / 100; !nearest; reach *= WIDER) {
    nearest = fewestFills(target, reach, tools);
  }
  for (;;) {
    const error = Math.abs(nearest.grams - target);
    const nearer = error > SAME_ERROR ? fewestFills(target, error * CLOSER, tools) : null;
    // The search takes a hair more than it is asked for, and may find the same again.
    if (!nearer || Math.abs(nearer.grams - target) >= error - SAME_ERROR) return nearest;
    nearest = nearer;
  }
}
