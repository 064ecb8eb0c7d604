import type { Ingredient, Method } from '../catalogue/index.js';
import {
  densityOf,
  pieceOf,
  measureSize,
  type DensityBasis,
  type KnownWeight,
  type MeasureSize,
  type Rung,
} from '../measuring/index.js';
import type { Unit } from '../units/index.js';
import { fingerTool, toolsFor, type Drawer, type Tool } from '../drawer/index.js';
import { nearestFills, type Fillable } from './fewest-fills.js';
import { showFills, type ToolFills } from './show-fills.js';

/** A tool to fill, and how often. */
export interface PlannedFill {
  readonly tool: string;
  readonly count: number;
  readonly kind: Tool['kind'] | 'egg' | 'piece';
  /** Its size in a word or two, to stand under a drawing. */
  readonly mark: string;
  /** What one fill holds; null for what is counted. */
  readonly millilitres: number | null;
  /** The size of measure that its weight and scatter go by; null for what is counted. */
  readonly size: MeasureSize | null;
}

/** What to fill so that the intended mass comes out, by your method and with your tools. */
export interface MeasurePlan {
  readonly method: Method;
  /** Your volume: the intended mass divided by the density under your method. Unrounded. */
  readonly millilitres: number;
  readonly fills: readonly PlannedFill[];
  readonly shown: string;
  /** What these fills weigh. */
  readonly grams: number;
  /** What the weight of your fills rests on. */
  readonly basis: MeasureBasis;
}

/** What the density of a measure rests on. */
export interface MeasureBasis {
  readonly rung: Rung;
  /** Citation, or the name of the hand. */
  readonly source: string;
  /** Where trials of a hand have told: how sure its mean is, and how much its fills scatter. */
  readonly hand?: { readonly relativeSpread: number; readonly fillSpread: number };
}

/** What is to be measured. */
export interface Wanted {
  readonly ingredient: Ingredient;
  readonly form: string | null;
  readonly method: Method;
  readonly grams: number;
  /** Relative. */
  readonly tolerance: number;
  /** The unit it was written in: a pinch may stay a pinch. */
  readonly unit: Unit | null;
  /** What is known of the hand that measures. */
  readonly known?: readonly KnownWeight[];
}

/** Grams per millilitre by the size of the measure. */
type Densities = Readonly<Record<MeasureSize, number>>;

interface Filled {
  readonly density: Densities;
  /** Of the size of measure that most of it goes into. */
  readonly basis: Readonly<Record<MeasureSize, DensityBasis>>;
}

const NOTHING_KNOWN: readonly KnownWeight[] = [];

/** What a filling weighs does not depend on how much of it is wanted. */
const REMEMBERED = new WeakMap<
  readonly KnownWeight[],
  WeakMap<Ingredient, Map<string, Filled | null>>
>();

function filled(
  ingredient: Ingredient,
  form: string | null,
  method: Method,
  known: readonly KnownWeight[] = NOTHING_KNOWN,
): Filled | null {
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
): Filled | null {
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

/** The basis of the largest of these fills. */
function basisOf(fills: readonly ToolFills[], basis: Filled['basis']): MeasureBasis {
  const largest = fills.reduce<Tool | null>(
    (most, { tool }) => (most && most.millilitres >= tool.millilitres ? most : tool),
    null,
  );
  const { rung, source, relativeSpread, fillSpread } = basis[largest?.size ?? 'cup'];
  if (rung !== 'hand' || fillSpread === undefined) return { rung, source };
  return { rung, source, hand: { relativeSpread, fillSpread } };
}

/** Volume of a mass: the density of the size it will be measured in decides. */
function volumeOf(grams: number, density: Densities): number {
  const roughly = grams / density.cup;
  return grams / density[measureSize('ml', roughly)];
}

/** What one fill of each tool weighs, by the densities of an ingredient. */
const FILLABLE = new WeakMap<readonly Tool[], WeakMap<Densities, readonly Fillable[]>>();

function fillableWith(tools: readonly Tool[], density: Densities): readonly Fillable[] {
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

function fill(
  grams: number,
  toleranceGrams: number,
  tools: readonly Tool[],
  density: Densities,
): { fills: readonly ToolFills[]; grams: number } | null {
  const found = nearestFills(grams, toleranceGrams, fillableWith(tools, density));
  if (!found) return null;
  const fills = tools
    .map((tool, index) => ({ tool, count: found.counts[index]! }))
    .filter(({ count }) => count > 0);
  return { fills, grams: found.grams };
}

const named = (fills: readonly ToolFills[]): MeasurePlan['fills'] =>
  fills.map(({ tool, count }) => ({
    tool: tool.id,
    count,
    kind: tool.kind,
    mark: tool.mark,
    millilitres: tool.millilitres,
    size: tool.size,
  }));

/**
 * The measure plan for a mass: fills of tools, fewest first. Null when the ingredient's
 * density under the method is not known.
 */
export function measurePlan(wanted: Wanted, drawer: Drawer): MeasurePlan | null {
  const { ingredient, form, method, grams, tolerance, unit } = wanted;
  if (method === 'count') return countPlan(wanted, drawer);
  const known = filled(ingredient, form, method, wanted.known);
  if (!known) return null;
  const { density, basis } = known;
  const fingers = unit === 'pinch' || unit === 'dash' || unit === 'smidgen';
  const usual = toolsFor(ingredient, method, drawer);
  const tools = fingers ? [...usual, fingerTool(unit)] : usual;
  const plan = fill(grams, grams * tolerance, tools, density);
  if (!plan) return null;
  return {
    method,
    millilitres: volumeOf(grams, density),
    fills: named(plan.fills),
    shown: method === 'displaced' ? risenBy(plan.fills) : showFills(plan.fills),
    grams: plan.grams,
    basis: basisOf(plan.fills, basis),
  };
}

/** By how much the water in the jug has to rise: the marks, and their millilitres together. */
function risenBy(fills: readonly ToolFills[]): string {
  const marks = fills.map(({ tool, count }) =>
    count === 1 ? tool.mark : `${count} × ${tool.mark}`,
  );
  const millilitres = fills.reduce((sum, { tool, count }) => sum + count * tool.millilitres, 0);
  return `water up by ${marks.join(' + ')} (${Math.round(millilitres)} ml)`;
}

const counted = (name: string, count: number, isEgg: boolean): PlannedFill => ({
  tool: name,
  count,
  kind: isEgg ? 'egg' : 'piece',
  mark: '',
  millilitres: null,
  size: null,
});

/** Eggs are taken whole where that is near enough; the rest is weighed or spooned, beaten. */
function countPlan(wanted: Wanted, drawer: Drawer): MeasurePlan | null {
  const { ingredient, form, grams, tolerance } = wanted;
  const piece = pieceOf(ingredient, 'each', form);
  if (!piece) return null;
  const density = filled(ingredient, null, 'poured')?.density ?? null;
  const basis = { rung: piece.rung, source: piece.source };
  const isEgg = ingredient.class === 'egg';
  const millilitres = density ? volumeOf(grams, density) : 0;
  const name = isEgg
    ? ingredient.name.replace(/^Whole /, '').toLowerCase()
    : ingredient.name.toLowerCase();
  const pieces = (count: number): string => `${count} ${count === 1 ? name : `${name}s`}`;
  const whole = Math.round(grams / piece.gramsEach);
  const near = whole > 0 && Math.abs((whole * piece.gramsEach) / grams - 1) <= tolerance;
  if (near || !isEgg || !density) {
    const count = near ? whole : Math.max(0.5, Math.round((grams / piece.gramsEach) * 2) / 2);
    return {
      method: 'count',
      millilitres,
      fills: [counted(isEgg ? name : 'piece', count, isEgg)],
      shown: pieces(count),
      grams: count * piece.gramsEach,
      basis,
    };
  }
  const uncracked = Math.floor(grams / piece.gramsEach);
  const rest = fill(
    grams - uncracked * piece.gramsEach,
    grams * tolerance,
    toolsFor(ingredient, 'poured', drawer),
    density,
  );
  if (!rest) return null;
  const beaten = `${showFills(rest.fills)} beaten ${name}`;
  return {
    method: 'count',
    millilitres,
    fills: [...(uncracked > 0 ? [counted(name, uncracked, isEgg)] : []), ...named(rest.fills)],
    shown: uncracked > 0 ? `${pieces(uncracked)} + ${beaten}` : beaten,
    grams: uncracked * piece.gramsEach + rest.grams,
    basis,
  };
}
