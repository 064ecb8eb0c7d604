import { Fraction } from '../amount/index.js';
import type { Reading } from '../reading/index.js';
import { BUILT_IN_SHELF } from '../catalogue/index.js';
import { LARGEST_FACTOR } from './factor.js';
import { planBatch, type Batch, type PlanLine } from './plan.js';
import type { RecipeSize } from './batch-by.js';
import { ratioDrift } from './ratio-drift.js';

/** A factor near the wanted one, and what the batch is like there. */
export interface CleanBatch {
  readonly factor: Fraction;
  /** Eggs by number; null where the recipe has none. */
  readonly eggs: number | null;
  readonly areEggsWhole: boolean;
  readonly fills: number;
  readonly tools: number;
  /** The largest drift of a ratio by measuring, relative. */
  readonly drift: number;
  /** How much larger or smaller than wanted, relative. */
  readonly change: number;
}

/** As far from the wanted factor as is still near, relative. */
const NEAR = 0.2;
const MOST_OFFERED = 5;
/** Parts of a whole that a batch is usually multiplied by. */
const DENOMINATORS = [1, 2, 3, 4] as const;
/** A text with more lines than this is not searched: no recipe has as many. */
const MOST_LINES = 300;
/** Whole numbers looked at on either side of the wanted one. */
const EITHER_SIDE = 4;
/** The costs of what a baker would rather not have, against one more fill. */
const COST = { brokenEgg: 8, tool: 1.5, drift: 150, change: 30 } as const;

/** Whether every line that has eggs has whole ones. */
const hasWholeEggs = (factor: Fraction, { eggsByLine }: RecipeSize): boolean =>
  eggsByLine.every((eggs) => eggs.mul(factor).d === 1n);

/** Factors near the wanted one that give whole eggs, and whole pieces or simple fractions. */
function candidates(wanted: number, size: RecipeSize): Fraction[] {
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
      const isNear = Math.abs(factor.valueOf() / wanted - 1) <= NEAR;
      if (isNear && factor.compare(LARGEST_FACTOR) <= 0 && hasWholeEggs(factor, size)) {
        found.set(factor.toFraction(), factor);
      }
    }
  }
  return [...found.values()];
}

function look(
  factor: Fraction,
  wanted: number,
  size: RecipeSize,
  plan: readonly PlanLine[],
  batch: Omit<Batch, 'factor'>,
): CleanBatch {
  let fills = 0;
  const tools = new Set<string>();
  for (const { measure } of plan) {
    for (const fill of measure?.fills ?? []) {
      fills += fill.count;
      tools.add(fill.tool);
    }
  }
  const { ratios } = ratioDrift(plan, batch.shelf ?? BUILT_IN_SHELF, batch.strictness);
  const drift = Math.max(...Object.values(ratios).map((ratio) => ratio.drift));
  const eggs = size.eggs.compare(0) > 0 ? size.eggs.mul(factor).valueOf() : null;
  return {
    factor,
    eggs,
    areEggsWhole: hasWholeEggs(factor, size),
    fills,
    tools: tools.size,
    drift,
    change: factor.valueOf() / wanted - 1,
  };
}

const costOf = ({ areEggsWhole, fills, tools, drift, change }: CleanBatch): number =>
  fills +
  COST.tool * tools +
  COST.drift * drift +
  COST.change * Math.abs(change) +
  (areEggsWhole ? 0 : COST.brokenEgg);

/**
 * Up to five factors near the wanted one at which eggs come whole, fills are few and ratios drift
 * least, the cleanest first; found by planning each of them. Only those that are cleaner than the
 * wanted factor itself: none where that is as clean as any, nor for a text of over 300 lines.
 */
export function cleanBatches(
  reading: Reading,
  wanted: Fraction,
  size: RecipeSize,
  batch: Omit<Batch, 'factor'>,
): CleanBatch[] {
  if (reading.lines.length > MOST_LINES) return [];
  const target = wanted.valueOf();
  const lookAt = (factor: Fraction): CleanBatch =>
    look(factor, target, size, planBatch(reading, { ...batch, factor }), batch);
  const here = costOf(lookAt(wanted));
  return candidates(target, size)
    .filter((factor) => !factor.equals(wanted))
    .map((factor) => lookAt(factor))
    .filter((clean) => costOf(clean) < here)
    .sort((a, b) => costOf(a) - costOf(b))
    .slice(0, MOST_OFFERED);
}
