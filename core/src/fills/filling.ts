import type { Ingredient, Method } from '../catalogue/index.js';
import type { Tool } from '../drawer/index.js';
import {
  densityOf,
  measureSize,
  type DensityBasis,
  type KnownWeight,
  type MeasureSize,
} from '../measuring/index.js';
import type { Fillable } from './fewest-fills.js';

/** Grams per millilitre by the size of the measure. */
export type Densities = Readonly<Record<MeasureSize, number>>;

/** What a filling weighs, and what that rests on. */
export interface FillDensity {
  readonly density: Densities;
  /** Of the size of measure that most of it goes into. */
  readonly basis: Readonly<Record<MeasureSize, DensityBasis>>;
}

const NOTHING_KNOWN: readonly KnownWeight[] = [];

/** It does not depend on how much of it is wanted. */
const REMEMBERED = new WeakMap<
  readonly KnownWeight[],
  WeakMap<Ingredient, Map<string, FillDensity | null>>
>();

/** What an ingredient weighs by a method; null where that is not known. */
export function fillingOf(
  ingredient: Ingredient,
  form: string | null,
  method: Method,
  known: readonly KnownWeight[] = NOTHING_KNOWN,
): FillDensity | null {
  let byIngredient = REMEMBERED.get(known);
  if (!byIngredient) REMEMBERED.set(known, (byIngredient = new WeakMap()));
  let fillings = byIngredient.get(ingredient);
  if (!fillings) byIngredient.set(ingredient, (fillings = new Map()));
  const key = `${method} ${form}`;
  let found = fillings.get(key);
  if (found === undefined) {
    found = workOut(ingredient, form, method, known);
    fillings.set(key, found);
  }
  return found;
}

function workOut(
  ingredient: Ingredient,
  form: string | null,
  method: Method,
  known: readonly KnownWeight[],
): FillDensity | null {
  const cup = densityOf({ ingredient, form, method, size: 'cup' }, known);
  const tbsp = densityOf({ ingredient, form, method, size: 'tbsp' }, known);
  const tsp = densityOf({ ingredient, form, method, size: 'tsp' }, known);
  if (!cup || !tbsp || !tsp) return null;
  return {
    density: {
      cup: cup.gramsPerMillilitre,
      tbsp: tbsp.gramsPerMillilitre,
      tsp: tsp.gramsPerMillilitre,
    },
    basis: { cup, tbsp, tsp },
  };
}

/** Volume of a mass: the density of the size it will be measured in decides. */
export function volumeOf(grams: number, density: Densities): number {
  const roughly = grams / density.cup;
  return grams / density[measureSize('ml', roughly)];
}

/** What one fill of each tool weighs, by the densities of an ingredient. */
const FILLABLE = new WeakMap<readonly Tool[], WeakMap<Densities, readonly Fillable[]>>();

export function fillableWith(tools: readonly Tool[], density: Densities): readonly Fillable[] {
  let byDensity = FILLABLE.get(tools);
  if (!byDensity) FILLABLE.set(tools, (byDensity = new WeakMap()));
  let fillable = byDensity.get(density);
  if (!fillable) {
    fillable = tools.map((tool) => ({
      grams: tool.grams ?? tool.millilitres * density[tool.size],
      wash: tool.wash,
    }));
    byDensity.set(density, fillable);
  }
  return fillable;
}
