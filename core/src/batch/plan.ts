import { scale } from '../amount/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import { drawerWith } from '../drawer/index.js';
import type { LineChoice } from './line-choice.js';
import { lineMass, times } from './line-mass.js';
import { methodFor } from './line-method.js';
import { measurePlan, onScaleGrid, toleranceOf } from '../fills/index.js';
import type { Batch, PlanLine } from './plan-line.js';
import { carrierOf, premixFor } from './premix.js';

/**
 * Plans one line: its intended mass times the exact factor, then, from that unrounded mass
 * and independently of each other, the weight on the scale's grid and the measure plan.
 */
export function planLine(
  line: Line,
  standard: Standard,
  batch: Batch,
  choice: LineChoice = {},
): PlanLine {
  const { shelf } = batch;
  const { intended: mass, substitute } = lineMass(
    line,
    standard,
    shelf,
    batch.author ?? NOTHING,
    choice,
  );
  const ingredientId = substitute?.ingredientId ?? line.ingredientId;
  const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
  const intended = mass && times(mass, batch.factor.valueOf());
  const weight = intended && onScaleGrid(intended.grams, batch.scales, batch.weighedIn);
  const tolerance = ingredient && intended ? toleranceOf(ingredient.role, batch.strictness) : null;
  const measure =
    ingredient && intended
      ? measurePlan(
          {
            ingredient,
            form: substitute ? substitute.form : line.form,
            method: methodFor(line, ingredient, choice, batch.habits),
            grams: intended.grams,
            tolerance: choice.nearest ? tolerance! * NEAREST : tolerance!,
            unit: line.unit,
            ...(batch.hand ? { known: batch.hand } : {}),
          },
          choice.tools ? drawerWith(batch.drawer, choice.tools) : batch.drawer,
        )
      : null;
  const isWeighed = choice.weighed === true && weight !== null;
  const off = measure && weight && weight.grams > 0 ? measure.grams / weight.grams - 1 : null;
  const gap = isWeighed ? null : off;
  return {
    written: line.written,
    kind: line.kind,
    ingredientId,
    substitute,
    scaled: line.amount && scale(line.amount, batch.factor),
    intended,
    weight,
    measure,
    gap,
    tolerance,
    within: gap === null || tolerance === null ? null : Math.abs(gap) <= tolerance,
    isWeighed,
    premix: null,
  };
}

/** Plans every line of a reading, in order; what is not an ingredient stays as it is. */
export function planBatch(reading: Reading, batch: Batch): readonly PlanLine[] {
  const lines = reading.lines.map((line, index) =>
    planLine(line, reading.standard, batch, choiceOf(batch, index)),
  );
  if (!lines.some((_, index) => choiceOf(batch, index).premix)) return lines;
  return lines.map((line, index) =>
    choiceOf(batch, index).premix ? premixed(line, index, lines, batch) : line,
  );
}

/** A line weighed as a premix, where it needs one and something carries it. */
function premixed(
  line: PlanLine,
  index: number,
  lines: readonly PlanLine[],
  batch: Batch,
): PlanLine {
  const { intended, weight, tolerance, measure, isWeighed } = line;
  const carrier = carrierOf(lines, batch.shelf);
  if (!intended || !weight || tolerance === null || carrier === null || carrier === index) {
    return line;
  }
  const available = lines[carrier]!.intended!.grams;
  const premix = premixFor(intended.grams, tolerance, available, batch.scales);
  if (!premix) return line;
  const { holdsGrams, takeGrams } = premix;
  const gap = measure && !isWeighed && holdsGrams > 0 ? measure.grams / holdsGrams - 1 : null;
  return {
    ...line,
    weight: {
      grams: holdsGrams,
      grid: (onScaleGrid(takeGrams, batch.scales).grid * holdsGrams) / takeGrams,
      shown: `${Number(takeGrams.toFixed(2))} g`,
    },
    gap,
    within: gap === null ? null : Math.abs(gap) <= tolerance,
    premix: { ...premix, carrier },
  };
}

/** All that was decided of a line. */
export function choiceOf({ methods, choices }: Batch, index: number): LineChoice {
  const [method, choice] = [methods?.[index], choices?.[index]];
  if (method === undefined) return choice ?? NO_CHOICE;
  return { ...choice, method };
}

/** Near enough to be nearest: a fiftieth of what is forgiven. */
const NEAREST = 0.02;
const NO_CHOICE: LineChoice = {};
const NOTHING: readonly KnownWeight[] = [];
