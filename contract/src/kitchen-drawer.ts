import { Fraction } from '@ypsigram/core/amount';
import { USUAL_TOOLS, drawerOf, stampedMillilitres, type Drawer } from '@ypsigram/core/batch';
import { calibrateTool, type ToolCalibration } from '@ypsigram/core/calibration';
import type { Kitchen, KitchenTool } from './kitchen.js';

/** The usual drawer, before its owner has said anything. */
export const NEW_KITCHEN: Kitchen = {
  standard: 'us-customary',
  tools: USUAL_TOOLS.map(({ name, kind, nominal, unit }) => ({
    name,
    kind,
    nominal: nominal.toFraction(true),
    unit,
    aside: false,
    calibration: null,
  })),
  weights: [],
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

/** The drawer that plans are made with: real volumes where they are known well enough. */
export function drawerOfKitchen({
  standard: of,
  tools: owned,
}: Pick<Kitchen, 'standard' | 'tools'>): Drawer {
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
  );
}
