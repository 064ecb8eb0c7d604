import { RATIO_PARTS, type RatioPart } from '../batch/index.js';
import { BLOCK } from './bakes.js';
import type { ChanceLine } from './chance-line.js';

/** What a line adds to one of the sums: so much of its mass. */
interface Share {
  /** Place of the sum: 0 is the base, then the parts that the recipe has. */
  readonly sum: number;
  readonly times: number;
}

/**
 * The sums that ratios are made of, over the bakes of a block: the base (flour, or everything
 * where there is none) and each part that the recipe has.
 */
export class RatioColumns {
  readonly base: 'flour' | 'total';
  readonly parts: readonly RatioPart[];
  /** What each line adds, looked up once, since it is added with every bake. */
  readonly shares: readonly (readonly Share[])[];
  /** Masses as they were meant, in grams, by sum. */
  readonly meant: readonly number[];
  /** Masses of the bakes of this block, by sum. */
  readonly sums: readonly Float64Array[];

  constructor(lines: readonly ChanceLine[]) {
    const hasFlour = lines.some(({ role, intendedGrams }) => role === 'flour' && intendedGrams > 0);
    this.base = hasFlour ? 'flour' : 'total';
    const timesOf = (line: ChanceLine, part: RatioPart): number =>
      part === 'water' ? line.waterPercent / 100 : line.role === part ? 1 : 0;
    const meantOf = (part: RatioPart): number =>
      lines.reduce((sum, line) => sum + line.intendedGrams * timesOf(line, part), 0);
    this.parts = RATIO_PARTS.filter((part) => meantOf(part) > 0);
    this.shares = lines.map((line) =>
      [
        { sum: 0, times: !hasFlour || line.role === 'flour' ? 1 : 0 },
        ...this.parts.map((part, at) => ({ sum: at + 1, times: timesOf(line, part) })),
      ].filter(({ times }) => times > 0),
    );
    const meant = new Array<number>(this.parts.length + 1).fill(0);
    for (const [at, { intendedGrams }] of lines.entries()) {
      for (const { sum, times } of this.shares[at]!) meant[sum]! += times * intendedGrams;
    }
    this.meant = meant;
    this.sums = meant.map(() => new Float64Array(BLOCK));
  }

  /** Sums up the masses of the lines. */
  take(masses: readonly Float64Array[], count: number): void {
    for (const column of this.sums) column.fill(0);
    for (const [line, shares] of this.shares.entries()) {
      const grams = masses[line]!;
      for (const { sum, times } of shares) {
        const column = this.sums[sum]!;
        for (let at = 0; at < count; at++) column[at]! += times * grams[at]!;
      }
    }
  }
}
