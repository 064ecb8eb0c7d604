import { Fraction } from '../amount/index.js';
import { LARGEST_FACTOR } from './factor.js';
import type { RecipeSize } from './recipe-size.js';

/** A factor near the wanted one, and what the batch is like there. */
export interface CleanBatch extends BatchEffort {
  readonly factor: Fraction;
  /** Eggs by number; null where the recipe has none. */
  readonly eggs: number | null;
  readonly areEggsWhole: boolean;
  /** How much larger or smaller than wanted, relative. */
  readonly change: number;
}

/** As far from the wanted factor as is still near, relative. */
const NEAR = 0.2;
/** As far as one goes for whole eggs, where nothing nearer has them. */
const FAR = 0.35;
const MOST_OFFERED = 5;
/** Parts of a whole that a batch is usually multiplied by. */
const DENOMINATORS = [1, 2, 3, 4] as const;
/** Whole numbers looked at on either side of the wanted one. */
const EITHER_SIDE = 4;
/**
 * The costs of what a baker would rather not have, against one more fill: a broken egg is as much
 * bother as eight, a ratio off by one per cent as one and a half, a batch a tenth larger as three.
 * Our own estimates of bother, not measured; only the order of the offers depends on them.
 */
const COST = { brokenEgg: 8, tool: 1.5, drift: 150, change: 30 } as const;

/** Whether every line that has eggs has whole ones. */
const hasWholeEggs = (factor: Fraction, { eggsByLine }: RecipeSize): boolean =>
  eggsByLine.every((eggs) => eggs.mul(factor).d === 1n);

/** Factors near the wanted one that give whole eggs, and whole pieces or simple fractions. */
function candidates(wanted: number, size: RecipeSize, within: number): Fraction[] {
  const found = new Map<string, Fraction>();
  const counted = [
    ...size.eggsByLine,
    ...(size.pieces ? [size.pieces] : []),
    ...DENOMINATORS.map((denominator) => new Fraction(denominator)),
  ];
  for (const of of counted.filter((count) => count.compare(0) > 0)) {
    const middle = Math.round(of.valueOf() * wanted);
    for (let count = middle - EITHER_SIDE; count <= middle + EITHER_SIDE; count++) {
      const factor = new Fraction(Math.max(1, count)).div(of);
      const isNear = Math.abs(factor.valueOf() / wanted - 1) <= within;
      if (isNear && factor.compare(LARGEST_FACTOR) <= 0 && hasWholeEggs(factor, size)) {
        found.set(factor.toFraction(), factor);
      }
    }
  }
  return [...found.values()];
}

/** What a batch of some factor takes to measure. */
export interface BatchEffort {
  readonly fills: number;
  /** Different tools to wash. */
  readonly tools: number;
  /** The largest drift of a ratio by measuring, relative. */
  readonly drift: number;
}

const costOf = ({ areEggsWhole, fills, tools, drift, change }: CleanBatch): number =>
  fills +
  COST.tool * tools +
  COST.drift * drift +
  COST.change * Math.abs(change) +
  (areEggsWhole ? 0 : COST.brokenEgg);

/**
 * Up to five factors near the wanted one at which eggs come whole, fills are few and ratios drift
 * least, the cleanest first. Only those that are cleaner than the wanted factor itself, or that have
 * whole eggs where it has none: none where that is as clean as any.
 *
 * @param effortOf what measuring takes at a factor; asked once for each factor looked at
 */
export function cleanFactors(
  wanted: Fraction,
  size: RecipeSize,
  effortOf: (factor: Fraction) => BatchEffort,
): CleanBatch[] {
  const target = wanted.valueOf();
  const lookAt = (factor: Fraction): CleanBatch => ({
    factor,
    eggs: size.eggs.compare(0) > 0 ? size.eggs.mul(factor).valueOf() : null,
    areEggsWhole: hasWholeEggs(factor, size),
    ...effortOf(factor),
    change: factor.valueOf() / target - 1,
  });
  const asked = lookAt(wanted);
  const here = costOf(asked);
  const near = candidates(target, size, NEAR);
  // With eggs broken, whole ones are worth a longer way.
  const found = near.length > 0 || asked.areEggsWhole ? near : candidates(target, size, FAR);
  return found
    .filter((factor) => !factor.equals(wanted))
    .map((factor) => lookAt(factor))
    .filter((clean) => costOf(clean) < here || !asked.areEggsWhole)
    .sort((a, b) => costOf(a) - costOf(b))
    .slice(0, MOST_OFFERED);
}
