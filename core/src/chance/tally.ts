/** Deviations are counted from −100 % to +100 % in steps of a tenth of a percent. */
const BINS = 2000;
const REACH = 1;

/** A distribution as it grows: the same memory however many figures go in. */
export interface Spread {
  /** Of the relative deviation. */
  readonly mean: number;
  readonly deviation: number;
  /** The 5th, 25th, 50th, 75th and 95th of 100. */
  readonly quantiles: readonly [number, number, number, number, number];
}

/** Counts relative deviations: mean, standard deviation, quantiles, and those within a tolerance. */
export class Tally {
  private readonly bins = new Uint32Array(BINS);
  private count = 0;
  private mean = 0;
  private squares = 0;
  private inside = 0;

  constructor(private readonly tolerance: number) {}

  /** Whether it is within the tolerance. */
  add(deviation: number): boolean {
    this.count++;
    const before = deviation - this.mean;
    this.mean += before / this.count;
    this.squares += before * (deviation - this.mean);
    const at = Math.floor(((deviation + REACH) / (2 * REACH)) * BINS);
    this.bins[Math.min(BINS - 1, Math.max(0, at))]!++;
    const isInside = Math.abs(deviation) <= this.tolerance;
    if (isInside) this.inside++;
    return isInside;
  }

  /** The share that was within the tolerance. */
  get within(): number {
    return this.count === 0 ? 0 : this.inside / this.count;
  }

  spread(): Spread {
    const deviation = this.count > 1 ? Math.sqrt(this.squares / (this.count - 1)) : 0;
    const quantiles = [0.05, 0.25, 0.5, 0.75, 0.95].map((share) => this.quantile(share));
    return {
      mean: this.mean,
      deviation,
      quantiles: quantiles as unknown as Spread['quantiles'],
    };
  }

  /** Within a step evenly spread. */
  private quantile(share: number): number {
    const wanted = share * this.count;
    let below = 0;
    for (let at = 0; at < BINS; at++) {
      const here = this.bins[at]!;
      if (below + here >= wanted && here > 0) {
        return ((at + (wanted - below) / here) / BINS) * 2 * REACH - REACH;
      }
      below += here;
    }
    return REACH;
  }
}
