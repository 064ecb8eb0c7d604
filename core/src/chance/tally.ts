/** Deviations are counted from −100 % to +100 % in steps of a tenth of a percent. */
const BINS = 2000;
const PER_BIN = BINS / 2;

/** The bars of a histogram: from −30 % to +30 % in steps of half a percent, the ends beyond too. */
export const HISTOGRAM = { reach: 0.3, step: 0.005, bars: 120 } as const;
const BINS_PER_BAR = Math.round(HISTOGRAM.step * PER_BIN);
const FIRST_BAR_BIN = Math.round((1 - HISTOGRAM.reach) * PER_BIN);

/** A distribution as it grows: the same memory however many figures go in. */
export interface Spread {
  /** Of the relative deviation. */
  readonly mean: number;
  readonly deviation: number;
  /** The 5th, 25th, 50th, 75th and 95th of 100. */
  readonly quantiles: readonly [number, number, number, number, number];
  /** How many bakes fell into each bar of `HISTOGRAM`. */
  readonly histogram: readonly number[];
}

/** Counts relative deviations: mean, standard deviation, quantiles, and those within a tolerance. */
export class Tally {
  private readonly bins = new Uint32Array(BINS);
  private count = 0;
  private sum = 0;
  private squares = 0;
  private inside = 0;

  constructor(private readonly tolerance: number) {}

  /** Those of a block; what lies outside the tolerance strikes its bake out of `good`. */
  add(deviations: Float64Array, count: number, good?: Uint8Array): void {
    const { bins, tolerance } = this;
    let [sum, squares, inside] = [0, 0, 0];
    for (let at = 0; at < count; at++) {
      const off = deviations[at]!;
      sum += off;
      squares += off * off;
      const bin = (off + 1) * PER_BIN;
      bins[bin < 0 ? 0 : bin >= BINS ? BINS - 1 : bin | 0]!++;
      if (off <= tolerance && off >= -tolerance) inside++;
      else if (good) good[at] = 0;
    }
    this.count += count;
    this.sum += sum;
    this.squares += squares;
    this.inside += inside;
  }

  /** The share that was within the tolerance. */
  get within(): number {
    return this.count === 0 ? 0 : this.inside / this.count;
  }

  spread(): Spread {
    const { count, sum, squares } = this;
    const mean = count > 0 ? sum / count : 0;
    const variance = count > 1 ? (squares - count * mean * mean) / (count - 1) : 0;
    const quantiles = [0.05, 0.25, 0.5, 0.75, 0.95].map((share) => this.quantile(share));
    return {
      mean,
      deviation: Math.sqrt(Math.max(0, variance)),
      quantiles: quantiles as unknown as Spread['quantiles'],
      histogram: this.histogram(),
    };
  }

  private histogram(): readonly number[] {
    const bars = new Array<number>(HISTOGRAM.bars).fill(0);
    for (const [bin, found] of this.bins.entries()) {
      const bar = Math.floor((bin - FIRST_BAR_BIN) / BINS_PER_BAR);
      bars[Math.min(HISTOGRAM.bars - 1, Math.max(0, bar))]! += found;
    }
    return bars;
  }

  /** Within a step evenly spread. */
  private quantile(share: number): number {
    const wanted = share * this.count;
    let below = 0;
    for (let at = 0; at < BINS; at++) {
      const here = this.bins[at]!;
      if (below + here >= wanted && here > 0) return (at + (wanted - below) / here) / PER_BIN - 1;
      below += here;
    }
    return 1;
  }
}
