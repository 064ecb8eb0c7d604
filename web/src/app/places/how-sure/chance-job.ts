import { planBatch, unweighedLines, type Batch, type Columns } from '@ypsigram/core/batch';
import {
  chanceLines,
  flourVariants,
  type ChanceBasis,
  type ChanceLine,
  type FlourWay,
  type ChanceRoute,
} from '@ypsigram/core/chance';
import type { Reading } from '@ypsigram/core/reading';

/** What is baked over and over: the batch, and what is set beside it. */
export interface ChanceCase {
  readonly lines: readonly ChanceLine[];
  /** Indexes of ingredient lines without a weight, which are left out. */
  readonly leftOut: readonly number[];
  readonly flour: readonly { readonly way: FlourWay; readonly lines: readonly ChanceLine[] }[];
  readonly batches: readonly { readonly times: number; readonly lines: readonly ChanceLine[] }[];
}

const NOTHING: ChanceCase = { lines: [], leftOut: [], flour: [], batches: [] };

/** Batches that are set beside the one as it is. */
const TIMES = [2, 3] as const;

/** The batch as the simulation sees it, its flour done otherwise, and twice and three times of it. */
export function chanceCase(
  reading: Reading,
  batch: Batch | null,
  columns: Columns,
  basis: ChanceBasis,
): ChanceCase {
  if (!batch) return NOTHING;
  const routeOf = (): ChanceRoute => (columns === 'weigh' ? 'weigh' : 'measure');
  const plan = planBatch(reading, batch);
  return {
    lines: chanceLines(plan, batch, routeOf, basis),
    leftOut: unweighedLines(plan),
    flour: flourVariants(reading, batch, routeOf, basis),
    batches: TIMES.map((times) => {
      const larger = { ...batch, factor: batch.factor.mul(times) };
      return { times, lines: chanceLines(planBatch(reading, larger), larger, routeOf, basis) };
    }),
  };
}
