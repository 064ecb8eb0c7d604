import { midpoint, type Fraction } from '../amount/index.js';
import type { Ingredient, Method, Shelf, SourceRef } from '../catalogue/index.js';
import {
  COVERAGE,
  HOUSEHOLD_SPREAD,
  PINCH_SPREAD,
  TOOL_SPREAD,
  combinedSpread,
  defaultMethod,
  densityBounds,
  densityOf,
  fillSpread,
  fillFactorOf,
  measureSize,
  pieceOf,
  type KnownWeight,
  type Rung,
} from '../measuring/index.js';
import type { Line } from '../reading/index.js';
import {
  isNominalUnit,
  isVolumeUnit,
  millilitresIn,
  type Standard,
  type Unit,
} from '../units/index.js';

/** What the author's written amount weighed in the author's kitchen. */
export interface Intended {
  readonly grams: number;
  /** Where it lies in nineteen kitchens of twenty, in grams. */
  readonly low: number;
  readonly high: number;
  readonly basis: IntendedBasis;
}

/** What an intended mass rests on. */
export interface IntendedBasis {
  readonly rung: Rung;
  readonly source: SourceRef;
  /** The method of the table weight an estimate was derived from. */
  readonly derivedFrom: Method | null;
}

/** The part of a line that decides its mass. */
export type MeasuredLine = Pick<
  Line,
  'amount' | 'unit' | 'heap' | 'ingredientId' | 'form' | 'authorMethod' | 'stated' | 'notes'
>;

const STATED: IntendedBasis = {
  rung: 'stated',
  source: { from: 'line' },
  derivedFrom: null,
};

/**
 * The intended mass of a line, in grams, unrounded:
 * `written amount × author's cup volume × density under the author's method`,
 * or the weight that the line states. A range of amounts gives its middle, with the range
 * widened to both ends.
 *
 * `known` is what is known of the author's own cup. Null when the line has no amount or nothing
 * is known about the ingredient's weight.
 */
export function intendedMass(
  line: MeasuredLine,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[] = [],
): Intended | null {
  if (line.stated) return statedMass(line, line.stated.grams, standard, shelf, known);
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  if (!line.amount || line.unit === null || !ingredient) return null;
  return isVolumeUnit(line.unit)
    ? filledMass(line, ingredient, standard, known)
    : pieceMass(line, ingredient, standard, shelf, known);
}

function ends(line: MeasuredLine): readonly [number, number, number] {
  const amount = line.amount!;
  return [amount.min.valueOf(), midpoint(amount).valueOf(), amount.max.valueOf()];
}

function statedMass(
  line: MeasuredLine,
  grams: number,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[],
): Intended {
  const slip = line.notes.some((note) => note.code === 'implausible-weight');
  if (slip) {
    // One of the two is a typing error: until it is settled, the truth may be either.
    const measured = intendedMass({ ...line, stated: null, notes: [] }, standard, shelf, known);
    const candidates = [grams, measured?.low ?? grams, measured?.high ?? grams];
    return { grams, low: Math.min(...candidates), high: Math.max(...candidates), basis: STATED };
  }
  const [low, middle, high] = line.amount ? ends(line) : [1, 1, 1];
  return { grams, low: (grams * low) / middle, high: (grams * high) / middle, basis: STATED };
}

function within(
  [low, middle, high]: readonly [number, number, number],
  gramsPerUnit: number,
  relative: number,
): Pick<Intended, 'grams' | 'low' | 'high'> {
  return {
    grams: middle * gramsPerUnit,
    low: low * gramsPerUnit * Math.max(0, 1 - COVERAGE * relative),
    high: high * gramsPerUnit * (1 + COVERAGE * relative),
  };
}

/** A tea cup or the size of an egg: nobody stamped a volume on it. */
const isHousehold = ({ notes }: MeasuredLine): boolean =>
  notes.some((note) => note.code === 'nominal-size' && note.household === true);

/** Where a measure is whatever somebody takes for one, its content is too. */
const NO_BOUNDS = [0, Infinity] as const;

function filledMass(
  line: MeasuredLine,
  ingredient: Ingredient,
  standard: Standard,
  known: readonly KnownWeight[],
): Intended | null {
  const unit = line.unit as Parameters<typeof millilitresIn>[0];
  const millilitres = millilitresIn(unit, standard).valueOf();
  const amounts = ends(line);
  const size = measureSize(unit, amounts[1] * millilitres);
  const method = line.authorMethod ?? defaultMethod(ingredient);
  const basis = densityOf({ ingredient, form: line.form, method, size }, known);
  if (!basis) return null;
  const fillFactor = fillFactorOf(line.heap, size, ingredient.class);
  // Fills scatter independently; the tool is the same in each of them.
  const fills = Math.max(1, Math.round(amounts[1]));
  const spread = combinedSpread(
    isNominalUnit(unit)
      ? PINCH_SPREAD
      : isHousehold(line)
        ? HOUSEHOLD_SPREAD
        : fillSpread(ingredient.class, method, size) / Math.sqrt(fills),
    TOOL_SPREAD,
    basis.relativeSpread,
    (fillFactor.high - fillFactor.low) / (2 * COVERAGE * fillFactor.times),
  );
  const level = within(amounts, millilitres * basis.gramsPerMillilitre, spread);
  // However it is filled, a measure that has a volume holds no more than the thing can weigh.
  const [lightest, heaviest] =
    isNominalUnit(unit) || isHousehold(line) ? NO_BOUNDS : densityBounds(ingredient, line.form);
  const least = amounts[0] * millilitres * lightest * (1 - COVERAGE * TOOL_SPREAD);
  const most = amounts[2] * millilitres * heaviest * (1 + COVERAGE * TOOL_SPREAD);
  return {
    grams: level.grams * fillFactor.times,
    low: Math.max(level.low, Math.min(least, level.grams)) * fillFactor.times,
    high: Math.min(level.high, Math.max(most, level.grams)) * fillFactor.times,
    basis: { rung: basis.rung, source: basis.source, derivedFrom: basis.derivedFrom },
  };
}

/** A stick is half a US cup wherever it is baked with. */
const STICK_CUPS = 0.5;

function pieceMass(
  line: MeasuredLine,
  ingredient: Ingredient,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[],
): Intended | null {
  const unit = line.unit as Unit;
  if (unit !== 'each' && unit !== 'stick' && unit !== 'packet') return null;
  const piece = pieceOf(ingredient, unit, line.form);
  if (piece) {
    const amounts = ends(line);
    const pieces = Math.max(1, Math.round(amounts[1]));
    return {
      ...within(amounts, piece.gramsEach, piece.relativeSpread / Math.sqrt(pieces)),
      basis: { rung: piece.rung, source: piece.source, derivedFrom: null },
    };
  }
  if (unit !== 'stick' || ingredient.class !== 'solid-fat') return null;
  const cups: Fraction = millilitresIn('cup', 'us-customary');
  const factor = cups.div(millilitresIn('cup', standard)).mul(STICK_CUPS);
  const amount = { min: line.amount!.min.mul(factor), max: line.amount!.max.mul(factor) };
  return intendedMass(
    { ...line, amount, unit: 'cup', authorMethod: 'pressed' },
    standard,
    shelf,
    known,
  );
}
