import { scale, type Amount, type Fraction } from '../amount/index.js';
import {
  BUILT_IN_SHELF,
  type Ingredient,
  type IngredientClass,
  type Method,
  type Shelf,
} from '../catalogue/index.js';
import type { Intended } from '../conversion/index.js';
import { defaultMethod, methodsFor, type KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import type { LineChoice } from './line-choice.js';
import { lineMass, times } from './line-mass.js';
import { drawerWith, type Drawer } from './drawer.js';
import { measurePlan, type MeasurePlan } from './measure-plan.js';
import { carrierOf, premixFor, type PlannedPremix } from './premix.js';
import { onScaleGrid, type GridWeight, type WeighedIn } from './scale-grid.js';
import type { ScaleDescription } from './scales.js';
import type { Substitute } from './substitutes.js';
import { toleranceOf, type Strictness } from './tolerance.js';

/** One line of a batch: both columns, and how far they agree. */
export interface PlanLine {
  readonly written: string;
  readonly kind: Line['kind'];
  /** What goes in: the substitute where there is one. */
  readonly ingredientId: string | null;
  /** What takes the place of what was written, and what that changes. */
  readonly substitute: Substitute | null;
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
  /** Weighed by either route, as its baker decided. */
  readonly isWeighed: boolean;
  /** How it is weighed stirred into another line, where its baker decided so. */
  readonly premix: PlannedPremix | null;
}

/** How this kitchen fills the ingredients of a class, whoever wrote the recipe. */
export type Habits = Readonly<Partial<Record<IngredientClass, Method>>>;

export interface Batch {
  readonly factor: Fraction;
  /** Your method for a line, by its index in the reading; others get their usual one. */
  readonly methods?: Readonly<Record<number, Method>>;
  /** What else was decided of a line, by its index. */
  readonly choices?: Readonly<Record<number, LineChoice>>;
  readonly habits?: Habits;
  readonly strictness?: Strictness;
  readonly drawer: Drawer;
  /** The ingredients and their weights; the built-in ones where absent. */
  readonly shelf?: Shelf;
  /** What is known of the author's cups: decides what was meant. */
  readonly author?: readonly KnownWeight[];
  /** What is known of the hand that measures here: decides what to fill. */
  readonly hand?: readonly KnownWeight[];
  /** The scales that weigh it; the usual two where absent. */
  readonly scales?: readonly ScaleDescription[];
  readonly weighedIn?: WeighedIn;
}

/** The methods by which a line can be measured here; empty when it can only be weighed. */
export function methodsForLine(line: Line, shelf: Shelf = BUILT_IN_SHELF): readonly Method[] {
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  return ingredient ? methodsFor(ingredient) : [];
}

/**
 * Your method for a line unless you choose another: the habit of this kitchen for its class, else
 * the author's, so that a recipe measured as it was written stays as it was written; the usual one
 * where the author weighed.
 */
export function usualMethod(line: Line, ingredient: Ingredient, habits: Habits = {}): Method {
  const { authorMethod, unit, form } = line;
  if (ingredient.class === 'egg') return authorMethod ?? 'count';
  const countable = authorMethod === 'count' && unit === 'each' && form !== 'of one fruit';
  if (countable) return 'count';
  const habit = habits[ingredient.class];
  if (habit && methodsFor(ingredient).includes(habit)) return habit;
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
  choice: LineChoice = {},
): PlanLine {
  const shelf = batch.shelf ?? BUILT_IN_SHELF;
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

/** The chosen method, as far as what goes in can be filled so. */
function methodFor(
  line: Line,
  ingredient: Ingredient,
  { method }: LineChoice,
  habits: Habits | undefined,
): Method {
  const isPossible = method !== undefined && methodsFor(ingredient).includes(method);
  return isPossible ? method : usualMethod(line, ingredient, habits);
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
