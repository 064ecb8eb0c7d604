import { BLOCK } from './bakes.js';
import type { ChanceLine } from './chance-line.js';
import { randomFrom, seedOf, type Random } from './random.js';
import { RatioColumns } from './ratio-columns.js';

/**
 * What the author's own amounts may have weighed, over the bakes of a block: each line scatters by
 * itself around what is meant. Drawn apart from the bakes, so that these stay what they are.
 */
export class AuthorDraws {
  private readonly columns: RatioColumns;
  private readonly masses: readonly Float64Array[];
  private readonly random: readonly Random[];

  constructor(
    private readonly lines: readonly ChanceLine[],
    seed: number,
  ) {
    this.columns = new RatioColumns(lines);
    this.masses = lines.map(() => new Float64Array(BLOCK));
    this.random = lines.map(({ index }) => randomFrom((seed ^ seedOf(`author:${index}`)) | 0));
  }

  /**
   * In how many of `count` bakes every ratio is within its limit around the author's. `sums` are
   * those of the bakes, the base first; `limits` are relative, by part.
   */
  agreeing(sums: readonly Float64Array[], limits: readonly number[], count: number): number {
    const { columns, masses } = this;
    for (const [at, { intendedGrams, authorSpread }] of this.lines.entries()) {
      const grams = masses[at]!;
      this.random[at]!.normals(grams, count);
      for (let bake = 0; bake < count; bake++) {
        grams[bake] = intendedGrams * Math.max(0, 1 + authorSpread * grams[bake]!);
      }
    }
    columns.take(masses, count);
    const [base, authorBase] = [sums[0]!, columns.sums[0]!];
    let agreeing = 0;
    for (let bake = 0; bake < count; bake++) {
      let agrees = true;
      for (let part = 0; part < limits.length && agrees; part++) {
        const here = sums[part + 1]![bake]! / base[bake]!;
        const there = columns.sums[part + 1]![bake]! / authorBase[bake]!;
        agrees = Math.abs(here / there - 1) <= limits[part]!;
      }
      if (agrees) agreeing++;
    }
    return agreeing;
  }
}
