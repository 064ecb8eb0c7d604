import { fingerTool, toolsFor, type Drawer, type Tool } from '../drawer/index.js';
import { measureSize } from '../measuring/index.js';
import { isNominalUnit, type Unit } from '../units/index.js';
import { chooseFills, type Goal } from './choose-fills.js';
import { countPlan } from './count-plan.js';
import { fillingOf, volumeOf, type FillDensity } from './filling.js';
import {
  namedFills,
  type MeasureBasis,
  type MeasurePlan,
  type ToolFills,
  type WantedMass,
} from './plan.js';
import { isFinelyMeasured } from './tolerance.js';

/** The basis of the largest of these fills. */
function basisOf(fills: readonly ToolFills[], basis: FillDensity['basis']): MeasureBasis {
  const largest = fills.reduce<Tool | null>(
    (most, { tool }) => (most && most.millilitres >= tool.millilitres ? most : tool),
    null,
  );
  const { rung, source, relativeSpread, fillSpread } = basis[largest?.size ?? 'cup'];
  if (rung !== 'hand' || fillSpread === undefined) return { rung, source };
  return { rung, source, hand: { relativeSpread, fillSpread } };
}

/** Units of which a cook has the volume in millilitres before the eye. */
const METRIC: ReadonlySet<Unit> = new Set<Unit>(['ml', 'dl', 'l', 'g', 'kg']);

/** What a mass is filled by, as `chooseFills` judges it. */
export function goalOf(wanted: WantedMass): Goal {
  const { ingredient, grams, tolerance, unit, writtenMillilitres: millilitres } = wanted;
  return {
    grams,
    tolerance,
    allowed: Math.max(tolerance, wanted.allowed ?? 0),
    isFine: isFinelyMeasured(ingredient.role),
    isClosest: wanted.isClosest ?? false,
    ...(wanted.nearerThan !== undefined && { nearerThan: wanted.nearerThan }),
    written:
      millilitres === null || unit === null
        ? null
        : { millilitres, size: measureSize(unit, millilitres) },
    prefersMillilitres: unit !== null && METRIC.has(unit),
  };
}

/**
 * The measure plan for a mass: what to fill, judged as `chooseFills` does. Null when the
 * ingredient's density under the method is not known, or when there is nothing to fill.
 */
export function measurePlan(wanted: WantedMass, drawer: Drawer): MeasurePlan | null {
  const { ingredient, form, method, grams, unit } = wanted;
  if (method === 'count') return countPlan(wanted, drawer);
  const known = fillingOf(ingredient, form, method, wanted.known);
  if (!known) return null;
  const { density, basis } = known;
  const usual = toolsFor(ingredient, method, drawer);
  const sets =
    unit !== null && isNominalUnit(unit)
      ? usual.map((tools) => [...tools, fingerTool(unit)])
      : usual;
  const plan = chooseFills(goalOf(wanted), sets, density);
  if (!plan) return null;
  return {
    method,
    millilitres: volumeOf(grams, density),
    fills: namedFills(plan.fills),
    grams: plan.grams,
    basis: basisOf(plan.fills, basis),
  };
}
