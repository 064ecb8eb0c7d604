import { scale, type Amount, type Fraction } from '../amount/index.js';
import {
  BUILT_IN_SHELF,
  ingredientById,
  type Ingredient,
  type Method,
  type Shelf,
} from '../catalogue/index.js';
import { intendedMass, type Intended } from '../conversion/index.js';
import { defaultMethod, methodsFor } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import type { Drawer } from './drawer.js';
import { measurePlan, type MeasurePlan } from './measure-plan.js';
import { onScaleGrid, type GridWeight } from './scale-grid.js';
import { toleranceOf, type Strictness } from './tolerance.js';

/** One line of a batch: both columns, and how far they agree. */
export interface PlanLine {
  readonly written: string;
  readonly kind: Line['kind'];
  readonly ingredientId: string | null;
  /** The written amount times the factor, exact. */
  readonly scaled: Amount | null;
  readonly intended: Intended | null;
  readonly weight: GridWeight | null;
  readonly measure: MeasurePlan | null;
  /** Mass by the measure plan over mass on the scale grid, less one; null without either. */
  readonly gap: number | null;
  /** The relative gap that this ingredient's role forgives. */
  readonly tolerance: number | null;
  readonly within: boolean | null;
}

export interface Batch {
  readonly factor: Fraction;
  /** Your method for a line, by its index in the reading; others get their usual one. */
  readonly methods?: Readonly<Record<number, Method>>;
  readonly strictness?: Strictness;
  readonly drawer: Drawer;
  /** The ingredients and their weights; the built-in ones where absent. */
  readonly shelf?: Shelf;
}

/** The methods by which a line can be measured here; empty when it can only be weighed. */
export function methodsForLine(line: Line): readonly Method[] {
  const ingredient = line.ingredientId === null ? undefined : ingredientById(line.ingredientId);
  return ingredient ? methodsFor(ingredient) : [];
}

/**
 * Your method for a line unless you choose another: the author's, so that a recipe measured
 * as it was written stays as it was written; the usual one where the author weighed.
 */
export function usualMethod(line: Line, ingredient: Ingredient): Method {
  const { authorMethod, unit, form } = line;
  if (ingredient.class === 'egg') return authorMethod ?? 'count';
  const countable = authorMethod === 'count' && unit === 'each' && form !== 'of one fruit';
  if (countable) return 'count';
  if (authorMethod === null || authorMethod === 'count' || authorMethod === 'block') {
    return defaultMethod(ingredient);
  }
  return authorMethod;
}

/**
 * Plans one line: its intended mass times the exact factor, then, from that unrounded mass
 * and independently of each other, the weight on the scale's grid and the measure plan.
 */
export function planLine(
  line: Line,
  standard: Standard,
  batch: Batch,
  method: Method | undefined,
): PlanLine {
  const shelf = batch.shelf ?? BUILT_IN_SHELF;
  const written = intendedMass(line, standard, shelf);
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  const intended = written && times(written, batch.factor.valueOf());
  const weight = intended && onScaleGrid(intended.grams);
  const tolerance = ingredient && intended ? toleranceOf(ingredient.role, batch.strictness) : null;
  const measure =
    ingredient && intended
      ? measurePlan(
          {
            ingredient,
            form: line.form,
            method: method ?? usualMethod(line, ingredient),
            grams: intended.grams,
            tolerance: tolerance!,
            unit: line.unit,
          },
          batch.drawer,
        )
      : null;
  const gap = measure && weight && weight.grams > 0 ? measure.grams / weight.grams - 1 : null;
  return {
    written: line.written,
    kind: line.kind,
    ingredientId: line.ingredientId,
    scaled: line.amount && scale(line.amount, batch.factor),
    intended,
    weight,
    measure,
    gap,
    tolerance,
    within: gap === null || tolerance === null ? null : Math.abs(gap) <= tolerance,
  };
}

function times({ grams, low, high, basis }: Intended, factor: number): Intended {
  return { grams: grams * factor, low: low * factor, high: high * factor, basis };
}

/** Plans every line of a reading, in order; what is not an ingredient stays as it is. */
export function planBatch(reading: Reading, batch: Batch): readonly PlanLine[] {
  return reading.lines.map((line, index) =>
    planLine(line, reading.standard, batch, batch.methods?.[index]),
  );
}
