import type { Method } from '../catalogue/index.js';
import type { Reading } from '../reading/index.js';
import { methodsForLine } from './line-method.js';
import { LEANING } from '../baking/index.js';
import { COUNTED_EASILY, isWithin } from '../fills/index.js';
import { isNominalUnit } from '../units/index.js';
import { choiceOf, planLine } from './plan.js';
import type { Batch, PlanLine } from './plan-line.js';
import { carrierOf, premixFor, type Premix } from './premix.js';

/** What can be done about a line. */
export type LineRemedy =
  /** Other tools than those it was kept to. */
  | { readonly mend: 'tools'; readonly gapThen: number }
  | { readonly mend: 'weigh' }
  | { readonly mend: 'method'; readonly method: Method; readonly gapThen: number }
  /** So many fills of one tool are easily miscounted: a larger tool, or the scale. */
  | { readonly mend: 'larger-tool'; readonly fills: number }
  /** The step of the scale is coarser than matters: stir it into flour, and weigh that. */
  | { readonly mend: 'premix'; readonly premix: Premix; readonly carrier: number }
  /** As before, where nothing can carry it. */
  | { readonly mend: 'fine-scale' };

/** What would mend a line that is further off than half of what the bake forgives. */
export type Advice = LineRemedy & {
  /** Index of the line among those of the reading. */
  readonly line: number;
  /** How far it is off now, relative. */
  readonly gap: number;
  /** Half of what the bake forgives in this line: beyond that it is told. */
  readonly tolerance: number;
};

/** Half a step of the scale, against what is weighed: how far off the weight may be by its grid. */
function offByGrid({ intended, weight }: PlanLine): number {
  return intended && weight && intended.grams > 0 ? weight.grid / 2 / intended.grams : 0;
}

/** The mend that changes least: other tools, weighing, and another way of filling last. */
function mendFilling(reading: Reading, index: number, batch: Batch, now: Method): LineRemedy {
  const line = reading.lines[index]!;
  const { tools, ...choice } = choiceOf(batch, index);
  const kept = tools ? { tools } : {};
  if (tools) {
    const freed = planLine(line, reading.standard, batch, choice);
    if (freed.gap !== null && freed.level !== 'out') return { mend: 'tools', gapThen: freed.gap };
  }
  // Whoever says that there is no scale is offered another filling first.
  if (batch.scales?.length !== 0) return { mend: 'weigh' };
  let best: { method: Method; gap: number } | null = null;
  for (const method of methodsForLine(line, batch.shelf)) {
    if (method === now || method === 'count') continue;
    const { gap, level } = planLine(line, reading.standard, batch, {
      ...choice,
      ...kept,
      method,
    });
    if (gap === null || level === 'out') continue;
    if (!best || Math.abs(gap) < Math.abs(best.gap)) best = { method, gap };
  }
  return best ? { mend: 'method', method: best.method, gapThen: best.gap } : { mend: 'weigh' };
}

/**
 * What would mend the lines of a plan that are further off than half of what the bake forgives, and
 * what is surer than to count many fills. Where the scale is too coarse for what is to be weighed:
 * a premix with the flour, else a finer scale.
 */
export function adviceFor(reading: Reading, plan: readonly PlanLine[], batch: Batch): Advice[] {
  let carrier: number | null | undefined;
  return plan.flatMap((planned, index): Advice[] => {
    const { gap, forgiven, level, measure, intended, weight } = planned;
    if (forgiven === null || !intended || !weight) return [];
    const tolerance = forgiven * LEANING;
    const grid = offByGrid(planned);
    // A pinch is no amount to be weighed, however fine the scale.
    const { unit } = reading.lines[index]!;
    const isOfFingers = unit !== null && isNominalUnit(unit) && !planned.isWeighed;
    if (!isWithin(grid, tolerance) && !isOfFingers) {
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
    if (gap === null || !measure) return [];
    const about = { line: index, gap, tolerance };
    if (level === 'out')
      return [{ ...about, ...mendFilling(reading, index, batch, measure.method) }];
    // A jug is one tool, whichever of its marks is poured to: as its pours are told.
    const pours = measure.fills.filter(({ kind }) => kind === 'jug');
    const fills = Math.max(
      pours.reduce((sum, { count }) => sum + count, 0),
      ...measure.fills.map(({ count, millilitres }) => (millilitres === null ? 0 : count)),
    );
    return fills > COUNTED_EASILY ? [{ ...about, mend: 'larger-tool', fills }] : [];
  });
}
