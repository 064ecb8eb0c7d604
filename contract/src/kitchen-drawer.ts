import { Fraction } from '@ypsigram/core/amount';
import {
  USUAL_SCALES,
  USUAL_TOOLS,
  drawerOf,
  sizeOfTool,
  stampedMillilitres,
  type Drawer,
} from '@ypsigram/core/batch';
import { calibrateTool, type ToolCalibration, type Trial } from '@ypsigram/core/calibration';
import { shelfOf, type Shelf } from '@ypsigram/core/catalogue';
import { sizeOfVolume } from '@ypsigram/core/measuring';
import type { Kitchen, KitchenTool } from './kitchen.js';
import type { TrialRecord } from './trials.js';

/** The usual kitchen, before its owner has said anything. */
export const NEW_KITCHEN: Kitchen = {
  standard: 'us-customary',
  tools: USUAL_TOOLS.map(({ name, kind, nominal, unit }) => ({
    name,
    kind,
    nominal: nominal.toFraction(true),
    unit,
    set: null,
    aside: false,
    calibration: null,
  })),
  block: 'stick',
  scales: USUAL_SCALES.map((scale) => ({ ...scale, units: ['g', 'oz', 'lb-oz', 'ml'] })),
  containers: [],
  weights: [],
  ingredients: [],
  answers: [],
  prices: [],
  currency: '€',
  hands: [],
  handId: null,
  weighedIn: 'g',
  habits: {},
  revision: 0,
};

/** What a tool is stamped to hold, in millilitres. */
export function stampedOf(tool: KitchenTool, of: Kitchen['standard']): number {
  return stampedMillilitres({ nominal: new Fraction(tool.nominal), unit: tool.unit }, of);
}

/** What a tool was found to hold; null without fills. */
export function calibrationOf(tool: KitchenTool, of: Kitchen['standard']): ToolCalibration | null {
  if (!tool.calibration || tool.calibration.grams.length === 0) return null;
  return calibrateTool(tool.calibration, stampedOf(tool, of));
}

/** What a tool holds as far as is known: by its calibration once that is enough, else its stamp. */
export function millilitresOf(tool: KitchenTool, of: Kitchen['standard']): number {
  const found = calibrationOf(tool, of);
  return found?.isEnough ? found.millilitres : stampedOf(tool, of);
}

/** Two standard deviations, near enough, are half the width of a 95 % interval. */
const DEVIATIONS_OF_95 = 1.96;

/**
 * How well calibrated tools are known, by their name: the relative standard deviation of what
 * they hold. Those that are only stamped are not in it.
 */
export function toolSpreadsOf({
  standard: of,
  tools,
}: Pick<Kitchen, 'standard' | 'tools'>): ReadonlyMap<string, number> {
  return new Map(
    tools.flatMap((tool) => {
      const found = calibrationOf(tool, of);
      if (!found?.isEnough) return [];
      return [[tool.name, found.uncertainty / DEVIATIONS_OF_95 / found.millilitres] as const];
    }),
  );
}

/** The drawer that plans are made with: real volumes where they are known well enough. */
export function drawerOfKitchen({
  standard: of,
  tools: owned,
  block,
}: Pick<Kitchen, 'standard' | 'tools' | 'block'>): Drawer {
  return drawerOf(
    of,
    owned.map((tool) => {
      const found = calibrationOf(tool, of);
      return {
        name: tool.name,
        kind: tool.kind,
        nominal: new Fraction(tool.nominal),
        unit: tool.unit,
        millilitres: found?.isEnough ? found.millilitres : null,
        aside: tool.aside,
      };
    }),
    block,
  );
}

/** The ingredients of a kitchen with its own weights. */
export function shelfOfKitchen({
  weights,
  ingredients,
}: Pick<Kitchen, 'weights' | 'ingredients'>): Shelf {
  return shelfOf(weights, ingredients);
}

/**
 * A trial with what its tool holds by today's knowledge: a spoon that was calibrated since counts
 * for what it really holds. A tool that has left the drawer holds what it was taken to hold then.
 */
export function trialOf<T extends TrialRecord>(
  record: T,
  { standard: of, tools }: Pick<Kitchen, 'standard' | 'tools'>,
): T & Trial {
  const tool = tools.find(({ name }) => name === record.tool);
  const millilitres = tool ? millilitresOf(tool, of) : record.millilitres;
  const size = tool ? sizeOfTool(tool.unit, stampedOf(tool, of)) : sizeOfVolume(record.millilitres);
  return { ...record, millilitres, size };
}
