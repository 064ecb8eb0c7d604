import type { Ingredient, Method } from '../../catalogue/index.js';
import { densityOf, fillSpread, methodsFor, type MeasureSize } from '../../measuring/index.js';

/** What is to be filled, how, and with what. */
export interface FillTask {
  readonly ingredient: Ingredient;
  readonly form: string | null;
  readonly method: Method;
  /** What the measure holds, level, in millilitres. */
  readonly millilitres: number;
  readonly size: MeasureSize;
}

/** A fill counts as good within so many standard deviations of a usual fill. */
const GOOD_DEVIATIONS = 1.5;
/** Nobody is asked for closer than this: three grams in a hundred. */
const CLOSEST = 0.03;

/**
 * What the fill should weigh, in grams: the measure's volume times the table's density for the
 * method. Null where no table knows.
 */
export function targetGrams({
  ingredient,
  form,
  method,
  size,
  millilitres,
}: FillTask): number | null {
  const basis = densityOf({ ingredient, form, method, size });
  return basis && basis.gramsPerMillilitre * millilitres;
}

/**
 * How far off a fill may be and still be good, relative: one and a half standard deviations of a
 * usual fill of this class by this method, and never under 3 %.
 *
 * @example fillTolerance({ ...oneCupOfFlour, method: 'spooned' }) // 0.06
 */
export function fillTolerance({ ingredient, method, size }: FillTask): number {
  return Math.max(CLOSEST, GOOD_DEVIATIONS * fillSpread(ingredient.class, method, size));
}

/** How near a fill came to its target; relative. */
export interface FillScore {
  readonly off: number;
  readonly tolerance: number;
  readonly isGood: boolean;
}

/**
 * How near so many grams come to the task's target, by a tolerance of whoever sets one. Null where
 * no table knows the target.
 */
export function scoreFill(
  grams: number,
  task: FillTask,
  tolerance: number = fillTolerance(task),
): FillScore | null {
  const target = targetGrams(task);
  if (target === null) return null;
  const off = grams / target - 1;
  return { off, tolerance, isGood: Math.abs(off) <= tolerance };
}

/** The methods of an ingredient that are practised by filling a measure and weighing it. */
export function practisedMethods(ingredient: Ingredient): readonly Method[] {
  return methodsFor(ingredient).filter(
    (method) =>
      !['count', 'block', 'displaced', 'melted', 'poured'].includes(method) &&
      densityOf({ ingredient, form: null, method, size: 'cup' }) !== null,
  );
}
