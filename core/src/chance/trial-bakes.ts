import { BLOCK, Bakes } from './bakes.js';
import type { ChanceLine } from './chance-line.js';
import { RatioColumns } from './ratio-columns.js';
import { forgivenIn, type ChanceOptions } from './options.js';

/** Sums over all bakes; null where they are all nothing. */
type Sums = readonly (Float64Array | null)[];

/** How many bits are set. */
function popcount(bits: number): number {
  let left = bits - ((bits >>> 1) & 0x55555555);
  left = (left & 0x33333333) + ((left >>> 2) & 0x33333333);
  return Math.imul((left + (left >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}

/**
 * The same bakes with any of the ingredients weighed, without baking them anew: what each line
 * weighs by either route is drawn once, and only sums of that are compared.
 */
export class TrialBakes {
  /** The ingredients that are measured and could be weighed, each once. */
  readonly open: readonly string[];
  private readonly limits: readonly { readonly low: number; readonly high: number }[];
  /** The base and each part as everything is done now. */
  private readonly now: readonly Float64Array[];
  /** What changes when an ingredient is weighed, by its place among the open ones. */
  private readonly changes: readonly Sums[];
  private readonly words: number;
  /** Which bakes are within a limit, by what has to do with it. */
  private readonly withinBits = new Map<string, Int32Array>();

  constructor(
    lines: readonly ChanceLine[],
    private readonly options: ChanceOptions,
  ) {
    const { bakes } = options;
    const forgives = forgivenIn(options);
    const columns = new RatioColumns(lines);
    const measured = lines.filter(({ route }) => route === 'measure');
    this.open = [...new Set(measured.map(({ ingredientId }) => ingredientId))];
    this.limits = columns.parts.map((part, at) => {
      const forgiven = forgives[part];
      const written = columns.meant[at + 1]! / columns.meant[0]!;
      return { low: written * (1 - forgiven), high: written * (1 + forgiven) };
    });
    this.words = Math.ceil(bakes / 32);
    this.now = columns.meant.map(() => new Float64Array(bakes));
    this.changes = this.draw(lines, columns);
  }

  /** How often every ratio is within what it forgives, with those at these places weighed. */
  good(places: readonly number[]): number {
    const all = this.limits.map((_, at) => this.within(at, places));
    // Without any ratio there is nothing to be off.
    if (all.length === 0) return 1;
    let good = 0;
    for (let word = 0; word < this.words; word++) {
      let bits = -1;
      for (const one of all) bits &= one[word]!;
      good += popcount(bits);
    }
    return good / this.options.bakes;
  }

  /** In which bakes a ratio is within what it forgives: a bit each. */
  private within(at: number, places: readonly number[]): Int32Array {
    // Most ratios have to do with few ingredients: what holds for those holds for many sets.
    const concerned = places.filter((place) => {
      const changes = this.changes[place]!;
      return changes[0] !== null || changes[at + 1] !== null;
    });
    const key = `${at} ${concerned.join(' ')}`;
    const known = this.withinBits.get(key);
    if (known) return known;
    const { low, high } = this.limits[at]!;
    const base = this.sumOf(0, concerned);
    const part = this.sumOf(at + 1, concerned);
    const bits = new Int32Array(this.words);
    for (let bake = 0; bake < this.options.bakes; bake++) {
      const isWithin = part[bake]! >= low * base[bake]! && part[bake]! <= high * base[bake]!;
      if (isWithin) bits[bake >> 5]! |= 1 << (bake & 31);
    }
    this.withinBits.set(key, bits);
    return bits;
  }

  private sumOf(sum: number, places: readonly number[]): Float64Array {
    const changes = places.flatMap((place) => this.changes[place]![sum] ?? []);
    if (changes.length === 0) return this.now[sum]!;
    const changed = this.now[sum]!.slice();
    for (const change of changes) {
      for (let bake = 0; bake < changed.length; bake++) changed[bake]! += change[bake]!;
    }
    return changed;
  }

  /** Bakes everything as it is and everything weighed: the same draws wherever both are the same. */
  private draw(lines: readonly ChanceLine[], { shares, meant }: RatioColumns): Sums[] {
    const { bakes, seed } = this.options;
    const changes = this.open.map(() => new Array<Float64Array | null>(meant.length).fill(null));
    const asNow = new Bakes(lines, seed);
    const allWeighed = lines.map((line) => ({ ...line, route: 'weigh' as const }));
    const weighed = new Bakes(allWeighed, seed);
    for (let from = 0; from < bakes; from += BLOCK) {
      const count = Math.min(BLOCK, bakes - from);
      asNow.bake(count);
      weighed.bake(count);
      for (const [at, { route, ingredientId }] of lines.entries()) {
        const place = route === 'measure' ? this.open.indexOf(ingredientId) : -1;
        const [mine, scale] = [asNow.masses[at]!, weighed.masses[at]!];
        for (const { sum, times } of shares[at]!) {
          const now = this.now[sum]!;
          for (let bake = 0; bake < count; bake++) now[from + bake]! += times * mine[bake]!;
          if (place < 0) continue;
          const change = (changes[place]![sum] ??= new Float64Array(bakes));
          for (let bake = 0; bake < count; bake++) {
            change[from + bake]! += times * (scale[bake]! - mine[bake]!);
          }
        }
      }
    }
    return changes;
  }
}
