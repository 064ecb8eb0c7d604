import type { Method } from '../catalogue/index.js';
import type { Reading } from '../reading/index.js';
import { methodsForLine } from './line-method.js';
import { choiceOf, planLine } from './plan.js';
import type { Batch, PlanLine } from './plan-line.js';
import { carrierOf, premixFor, type Premix } from './premix.js';

/** What can be done about a line. */
export type Mend =
  | { readonly mend: 'method'; readonly method: Method; readonly gapThen: number }
  /** Other tools than those it was kept to. */
  | { readonly mend: 'tools'; readonly gapThen: number }
  /** No filling comes near enough. */
  | { readonly mend: 'weigh' }
  /** The step of the scale is coarser than the line forgives: stir it into flour, and weigh that. */
  | { readonly mend: 'premix'; readonly premix: Premix; readonly carrier: number }
  /** As before, where nothing can carry it. */
  | { readonly mend: 'fine-scale' };

/** What would bring a line back within its tolerance. */
export type Advice = Mend & {
  /** Index of the line among those of the reading. */
  readonly line: number;
  /** How far it is off now, relative. */
  readonly gap: number;
  readonly tolerance: number;
};

/** Half a step of the scale, against what is weighed: how far off the weight may be by its grid. */
function offByGrid({ intended, weight }: PlanLine): number {
  return intended && weight && intended.grams > 0 ? weight.grid / 2 / intended.grams : 0;
}

/** The filling that comes nearest, of those that would be near enough; else weighing. */
function mendFilling(reading: Reading, index: number, batch: Batch, now: Method): Mend {
  const line = reading.lines[index]!;
  const { tools, ...choice } = choiceOf(batch, index);
  const kept = tools ? { tools } : {};
  if (tools) {
    const freed = planLine(line, reading.standard, batch, choice);
    if (freed.within && freed.gap !== null) return { mend: 'tools', gapThen: freed.gap };
  }
  let best: { method: Method; gap: number } | null = null;
  for (const method of methodsForLine(line, batch.shelf)) {
    if (method === now || method === 'count') continue;
    const { gap, within } = planLine(line, reading.standard, batch, {
      ...choice,
      ...kept,
      method,
    });
    if (gap === null || within !== true) continue;
    if (!best || Math.abs(gap) < Math.abs(best.gap)) best = { method, gap };
  }
  return best ? { mend: 'method', method: best.method, gapThen: best.gap } : { mend: 'weigh' };
}

/**
 * What would mend the lines of a plan that are off by more than they forgive. Where the two columns
 * differ: the tools it was kept from, else another method that comes closer, the best one, else
 * weighing. Where the scale is too coarse for what is to be weighed: a premix with the flour, else
 * a finer scale.
 */
export function adviceFor(reading: Reading, plan: readonly PlanLine[], batch: Batch): Advice[] {
  let carrier: number | null | undefined;
  return plan.flatMap((planned, index): Advice[] => {
    const { gap, tolerance, within, measure, intended, weight } = planned;
    if (tolerance === null || !intended || !weight) return [];
    const grid = offByGrid(planned);
    if (grid > tolerance) {
      carrier ??= carrierOf(plan, batch.shelf);
      const about = { line: index, gap: grid, tolerance };
      const premix =
        carrier === null || carrier === index
          ? null
          : premixFor(intended.grams, tolerance, plan[carrier]!.intended!.grams, batch.scales);
      return premix
        ? [{ ...about, mend: 'premix', premix, carrier: carrier! }]
        : [{ ...about, mend: 'fine-scale' }];
    }
    if (within !== false || gap === null || !measure) return [];
    return [{ line: index, gap, tolerance, ...mendFilling(reading, index, batch, measure.method) }];
  });
}
