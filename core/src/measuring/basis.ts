import type { Ingredient, Method, SourceRef, TableWeight } from '../catalogue/index.js';
import { millilitresIn } from '../units/index.js';
import { canBeSoDense, densityBounds, type DensityBounds } from './bounds.js';
import { classFactor, defaultMethod } from './methods.js';
import { rememberByIngredient } from './remember-by-ingredient.js';
import type { MeasureSize } from './size.js';
import {
  CLASS_FACTOR_SPREAD,
  combinedSpread,
  KIN_SPREAD,
  PHYSICS_SPREAD,
  MADE_SPREAD,
  PIECE_SPREAD,
  UNSOURCED_SPREAD,
} from './spread.js';

/**
 * The basis ladder: where a weight comes from, best first. The first rung that applies is
 * used, and the screen always names it.
 */
export const RUNGS = [
  'proven',
  'stated',
  'author',
  'hand',
  'reference',
  'table',
  'estimate',
  'unknown',
] as const;
/** One of `RUNGS`, the best first: proven by a bake down to unknown. */
export type Rung = (typeof RUNGS)[number];

/** How heavy a filled measure is, and on what grounds. */
export interface DensityBasis {
  readonly rung: Rung;
  readonly gramsPerMillilitre: number;
  /** Relative standard deviation of the figure itself, beyond the scatter of single fills. */
  readonly relativeSpread: number;
  /** Relative standard deviation of single fills, where trials have told it. */
  readonly fillSpread?: number;
  readonly source: SourceRef;
  /** The method of the table weight an estimate was derived from. */
  readonly derivedFrom: Method | null;
}

/** How heavy one piece is, and on what grounds. */
export interface PieceBasis {
  readonly rung: Rung;
  readonly gramsEach: number;
  readonly relativeSpread: number;
  readonly source: SourceRef;
}

/**
 * What one filling weighs, known from somewhere better than a table: the rungs above
 * `reference`, and estimates that follow from them.
 */
export interface KnownWeight {
  readonly ingredientId: string;
  readonly form: string | null;
  readonly method: Method;
  /** The measure it was found with; null where it holds for any. */
  readonly size: MeasureSize | null;
  readonly rung: 'proven' | 'author' | 'hand' | 'estimate';
  readonly gramsPerMillilitre: number;
  readonly relativeSpread: number;
  /** Relative standard deviation of single fills, where trials have told it. */
  readonly fillSpread?: number;
  readonly source: SourceRef;
}

/** What is asked of the ladder: this ingredient, in this form, filled this way. */
export interface Filling {
  readonly ingredient: Ingredient;
  readonly form: string | null;
  readonly method: Method;
  readonly size: MeasureSize;
}

const NEAREST_SIZES: Readonly<Record<MeasureSize, readonly MeasureSize[]>> = {
  cup: ['cup', 'tbsp', 'tsp'],
  tbsp: ['tbsp', 'tsp', 'cup'],
  tsp: ['tsp', 'tbsp', 'cup'],
};

/** Table volumes are US customary whatever the recipe's standard: that is what was weighed. */
const TABLE_MILLILITRES: Readonly<Record<MeasureSize, number>> = {
  cup: millilitresIn('cup', 'us-customary').valueOf(),
  tbsp: millilitresIn('tbsp', 'us-customary').valueOf(),
  tsp: millilitresIn('tsp', 'us-customary').valueOf(),
};

const byVolume = (weight: TableWeight): boolean =>
  weight.unit === 'cup' || weight.unit === 'tbsp' || weight.unit === 'tsp';

function nearestInSize(
  weights: readonly TableWeight[],
  size: MeasureSize,
): TableWeight | undefined {
  for (const unit of NEAREST_SIZES[size]) {
    const found = weights.find((weight) => weight.unit === unit);
    if (found) return found;
  }
  return undefined;
}

function gramsPerMillilitre(weight: TableWeight): number {
  return weight.grams / (weight.amount * TABLE_MILLILITRES[weight.unit as MeasureSize]);
}

/** Whether a table gives a weight that cannot be, or contradicts something better founded: it is kept, shown as doubted, and not used. */
export const isDoubted = (ingredient: Ingredient, weight: TableWeight): boolean =>
  weight.isDoubted === true ||
  (byVolume(weight) && !canBeSoDense(ingredient, weight.form, gramsPerMillilitre(weight)));

/** How well founded a table's figure is: relative standard deviation, and whether it is a guess. */
interface Foundation {
  readonly spread: number;
  readonly isGuess: boolean;
}

const FOUNDED: Foundation = { spread: 0, isGuess: false };

function foundationOf({ from }: SourceRef): Foundation {
  switch (from) {
    case 'knowledge':
      return { spread: UNSOURCED_SPREAD, isGuess: true };
    case 'kin':
      return { spread: KIN_SPREAD, isGuess: true };
    case 'physics':
      return { spread: PHYSICS_SPREAD, isGuess: false };
    default:
      return FOUNDED;
  }
}

/** The table weights by volume of one form; where the form has none, those of the usual form. */
function ofForm(
  ingredient: Ingredient,
  form: string | null,
): { weights: readonly TableWeight[]; isForm: boolean } {
  const volumes = ingredient.weights.filter(
    (weight) => byVolume(weight) && !isDoubted(ingredient, weight),
  );
  const exact = volumes.filter((weight) => weight.form === form);
  if (exact.length > 0) return { weights: exact, isForm: true };
  const usual = volumes.some((weight) => weight.form === null) ? null : volumes[0]?.form;
  // Asking for no particular form gets the usual one: that is not a substitution.
  return { weights: volumes.filter((weight) => weight.form === usual), isForm: form === null };
}

/**
 * Density of a filling by the basis ladder: what is `known` of it first, in ladder order, then
 * the table weight for this method, then a table weight for another method times the class
 * factor. Of several table weights the one given for the nearest measure size is used.
 *
 * Null when nothing is known: the rung `unknown`. It never falls back on water.
 *
 * @example
 * densityOf({ ingredient: allPurposeFlour, form: null, method: 'spooned', size: 'cup' })
 * // 0.528 g/mL, of the rung "reference", with its source
 */
export function densityOf(
  filling: Filling,
  known: readonly KnownWeight[] = [],
): DensityBasis | null {
  const better = known.length === 0 ? null : bestKnown(filling, known);
  if (better) {
    const { rung, gramsPerMillilitre, relativeSpread, fillSpread, source } = better;
    const scatter = fillSpread === undefined ? {} : { fillSpread };
    return { rung, gramsPerMillilitre, relativeSpread, ...scatter, source, derivedFrom: null };
  }
  return fromTables(filling);
}

/** What is known of just this filling, on the highest rung. */
function bestKnown(
  { ingredient, form, method, size }: Filling,
  known: readonly KnownWeight[],
): KnownWeight | null {
  let best: KnownWeight | null = null;
  for (const weight of known) {
    if (weight.ingredientId !== ingredient.id || weight.method !== method) continue;
    if (weight.form !== form || (weight.size !== null && weight.size !== size)) continue;
    if (!best || RUNGS.indexOf(weight.rung) < RUNGS.indexOf(best.rung)) best = weight;
  }
  return best;
}

function fromTables(filling: Filling): DensityBasis | null {
  const { ingredient, form, method, size } = filling;
  const worked = tableDensities(ingredient);
  const key = `${form}/${method}/${size}`;
  let basis = worked.get(key);
  if (basis === undefined) {
    basis = tableDensity(filling);
    worked.set(key, basis);
  }
  return basis;
}

const tableDensities = rememberByIngredient(() => new Map<string, DensityBasis | null>());

/** Behind the shelf the class is a guess, and how the cup was filled with it. */
const tableRung = ({ isFromTable }: Ingredient): Rung => (isFromTable ? 'table' : 'reference');

const clamped = (value: number, [low, high]: DensityBounds): number =>
  Math.min(high, Math.max(low, value));

/** The rungs of tables: a weight as it stands there, or an estimate from one. */
function tableDensity(filling: Filling): DensityBasis | null {
  const { ingredient, form, method, size } = filling;
  const { weights, isForm } = ofForm(ingredient, form);
  const direct = nearestInSize(
    weights.filter((weight) => weight.method === method),
    size,
  );
  // Class factors are relative to the class's default, so its weight is the one to start from.
  const usual = weights.filter((weight) => weight.method === defaultMethod(ingredient));
  const table = direct ?? nearestInSize(usual, size) ?? nearestInSize(weights, size);
  if (!table) return null;
  const factor = direct
    ? 1
    : classFactor(ingredient.class, method) / classFactor(ingredient.class, table.method);
  const { spread, isGuess } = foundationOf(table.source);
  return {
    rung: direct && isForm && !isGuess ? tableRung(ingredient) : 'estimate',
    gramsPerMillilitre: clamped(
      gramsPerMillilitre(table) * factor,
      densityBounds(ingredient, form),
    ),
    relativeSpread:
      direct && isForm && !ingredient.isFromTable
        ? spread
        : combinedSpread(spread, CLASS_FACTOR_SPREAD),
    source: table.source,
    derivedFrom: direct ? null : table.method,
  };
}

/**
 * Weight of one piece, stick or packet. `form` null takes the usual size: large for eggs,
 * else the first in the table. Null when the table has none.
 */
export function pieceOf(
  ingredient: Ingredient,
  unit: 'each' | 'stick' | 'packet',
  form: string | null,
): PieceBasis | null {
  const pieces = ingredient.weights.filter((weight) => weight.unit === unit);
  const wanted = form ?? (ingredient.class === 'egg' ? 'large' : null);
  // A form that the table does not have is not taken for another, but for eggs.
  const usual = form !== null && ingredient.class !== 'egg' ? undefined : pieces[0];
  const piece = pieces.find((weight) => weight.form === wanted) ?? usual;
  if (!piece) return null;
  const { spread, isGuess } = foundationOf(piece.source);
  const grown = ingredient.class === 'egg' ? PIECE_SPREAD.egg : PIECE_SPREAD.other;
  return {
    rung: isGuess ? 'estimate' : tableRung(ingredient),
    gramsEach: piece.grams / piece.amount,
    relativeSpread: Math.max(piece.spread ?? (unit === 'each' ? grown : MADE_SPREAD), spread),
    source: piece.source,
  };
}

/**
 * The lightest and heaviest a millilitre is by what tables say of any method and form, in grams:
 * what is usual, not what can be. Null where tables say nothing.
 */
export const usualDensities = rememberByIngredient(
  (ingredient: Ingredient): readonly [number, number] | null => {
    const weights = ingredient.weights.filter(
      (weight) => byVolume(weight) && !isDoubted(ingredient, weight),
    );
    if (weights.length === 0) return null;
    const isPowder = ingredient.class === 'powder';
    const methods = isPowder ? (['sifted', 'tamped'] as const) : (['loose', 'packed'] as const);
    const densities = weights.flatMap((weight) => {
      const density = gramsPerMillilitre(weight);
      const level = density / classFactor(ingredient.class, weight.method);
      return [density, ...methods.map((method) => level * classFactor(ingredient.class, method))];
    });
    return [Math.min(...densities), Math.max(...densities)];
  },
);
