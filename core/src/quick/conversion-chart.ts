import { Fraction } from '../amount/index.js';
import type { Ingredient, Method } from '../catalogue/index.js';
import type { Drawer } from '../drawer/index.js';
import {
  COVERAGE,
  TOOL_SPREAD,
  combinedSpread,
  defaultMethod,
  densityBounds,
  densityOf,
  fillSpread,
  measureSize,
  methodsFor,
  type DensityBasis,
  type KnownWeight,
} from '../measuring/index.js';
import { millilitresIn, type Standard } from '../units/index.js';

/** The measures of a conversion chart, from the largest down. */
export const CHART_MEASURES = [
  { nominal: new Fraction(1), unit: 'cup' },
  { nominal: new Fraction(1, 2), unit: 'cup' },
  { nominal: new Fraction(1, 3), unit: 'cup' },
  { nominal: new Fraction(1, 4), unit: 'cup' },
  { nominal: new Fraction(1), unit: 'tbsp' },
  { nominal: new Fraction(1), unit: 'tsp' },
] as const;

/** What one measure of an ingredient weighs, in grams, and from what to what in 9 of 10 fills. */
export interface ChartCell {
  readonly grams: number;
  readonly low: number;
  readonly high: number;
}

/** An ingredient filled in one way: what each measure of it weighs, in the order of `CHART_MEASURES`. */
export interface ConversionRow {
  readonly ingredient: Ingredient;
  readonly method: Method;
  readonly cells: readonly ChartCell[];
  /** Where the weight of a cup comes from. */
  readonly basis: DensityBasis;
}

/** What a chart is made for. */
export interface ChartKitchen {
  readonly standard: Standard;
  readonly drawer: Pick<Drawer, 'dry'>;
  /** What is known better than by a table: of a hand, of an author. */
  readonly known: readonly KnownWeight[];
  /** How well calibrated tools are known: relative standard deviations, by name. */
  readonly toolSpreads: ReadonlyMap<string, number>;
}

/** Ways of filling that weigh by volume: what is counted or cut at marks is not on a chart of cups. */
const NOT_FILLED: readonly Method[] = ['count', 'block'];

/** A measure of the chart as this kitchen has it: its own tool where there is one. */
interface Held {
  readonly millilitres: number;
  readonly spread: number;
}

function heldIn({ drawer, standard, toolSpreads }: ChartKitchen): readonly Held[] {
  return CHART_MEASURES.map(({ nominal, unit }) => {
    const own = drawer.dry.find((tool) => tool.unit === unit && tool.nominal.equals(nominal));
    if (own) {
      return { millilitres: own.millilitres, spread: toolSpreads.get(own.id) ?? TOOL_SPREAD };
    }
    const millilitres = millilitresIn(unit, standard).mul(nominal).valueOf();
    return { millilitres, spread: TOOL_SPREAD };
  });
}

function rowOf(
  ingredient: Ingredient,
  method: Method,
  held: readonly Held[],
  known: readonly KnownWeight[],
): ConversionRow | null {
  const [lightest, heaviest] = densityBounds(ingredient, null);
  const cells: ChartCell[] = [];
  for (const [at, { millilitres, spread }] of held.entries()) {
    const size = measureSize(CHART_MEASURES[at]!.unit, millilitres);
    const basis = densityOf({ ingredient, form: null, method, size }, known);
    if (!basis) return null;
    const ofFills = basis.fillSpread ?? fillSpread(ingredient.class, method, size);
    const relative = combinedSpread(ofFills, spread, basis.relativeSpread);
    const grams = millilitres * basis.gramsPerMillilitre;
    cells.push({
      grams,
      low: Math.max(grams * (1 - COVERAGE * relative), millilitres * lightest),
      high: Math.min(grams * (1 + COVERAGE * relative), millilitres * heaviest),
    });
  }
  const basis = densityOf({ ingredient, form: null, method, size: 'cup' }, known)!;
  return { ingredient, method, cells, basis };
}

/**
 * What a cup, its parts and spoons of each ingredient weigh in this kitchen, in grams, unrounded. An
 * ingredient whose weight nobody knows has no row.
 *
 * @param ways the usual way of filling each, or every way that makes sense for it
 */
export function conversionChart(
  ingredients: readonly Ingredient[],
  ways: 'usual' | 'all',
  kitchen: ChartKitchen,
): ConversionRow[] {
  const held = heldIn(kitchen);
  return ingredients.flatMap((ingredient) => {
    const methods = ways === 'all' ? methodsFor(ingredient) : [defaultMethod(ingredient)];
    return methods
      .filter((method) => !NOT_FILLED.includes(method))
      .flatMap((method) => rowOf(ingredient, method, held, kitchen.known) ?? []);
  });
}
