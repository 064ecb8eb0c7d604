import { Fraction } from '../amount/index.js';
import {
  drawerOf,
  stampedMillilitres,
  type Block,
  type Drawer,
  type ToolDescription,
} from '../drawer/index.js';
import { measureSize } from '../measuring/index.js';
import type { Standard } from '../units/index.js';
import { calibrateTool, type ToolCalibration, type WaterFills } from './tool.js';
import type { Trial } from './trials.js';

/** A tool as its kitchen keeps it: what is stamped on it, and the fills it was calibrated by. */
export interface OwnedTool extends Omit<ToolDescription, 'nominal' | 'millilitres'> {
  /** What is stamped on it, in `unit`, as a fraction: "1/2", "1 1/2". */
  readonly nominal: string;
  /** Fills of water; null while it was never calibrated. */
  readonly calibration: WaterFills | null;
}

/** The tools of a kitchen, and whose cups and spoons they are. */
export interface OwnedTools {
  readonly standard: Standard;
  readonly tools: readonly OwnedTool[];
}

/** What is stamped on a tool, in millilitres. */
export function stampedMillilitresOf(tool: OwnedTool, standard: Standard): number {
  return stampedMillilitres({ nominal: new Fraction(tool.nominal), unit: tool.unit }, standard);
}

/** What a tool was found to hold; null without fills. */
export function calibrationOfTool(tool: OwnedTool, standard: Standard): ToolCalibration | null {
  if (!tool.calibration || tool.calibration.grams.length === 0) return null;
  return calibrateTool(tool.calibration, stampedMillilitresOf(tool, standard));
}

/** What a tool holds as far as is known: by its calibration once that is enough, else its stamp. */
export function heldMillilitresOf(tool: OwnedTool, standard: Standard): number {
  const found = calibrationOfTool(tool, standard);
  return found?.isEnough ? found.millilitres : stampedMillilitresOf(tool, standard);
}

/** Half the width of a 95 % interval is so many standard deviations of a normal distribution. */
const DEVIATIONS_OF_95 = 1.96;

/**
 * How well calibrated tools are known, by their name: the relative standard deviation of what
 * they hold. Those that are only stamped are not in it.
 */
export function toolSpreadsOf({ standard, tools }: OwnedTools): ReadonlyMap<string, number> {
  return new Map(
    tools.flatMap((tool) => {
      const found = calibrationOfTool(tool, standard);
      if (!found?.isEnough) return [];
      return [[tool.name, found.uncertainty / DEVIATIONS_OF_95 / found.millilitres] as const];
    }),
  );
}

/** The drawer that plans are made with: real volumes where they are known well enough. */
export function calibratedDrawer({ standard, tools: owned }: OwnedTools, block: Block): Drawer {
  const tools = owned.map((tool): ToolDescription => {
    const found = calibrationOfTool(tool, standard);
    const { name, kind, unit, aside } = tool;
    const nominal = new Fraction(tool.nominal);
    return {
      name,
      kind,
      nominal,
      unit,
      millilitres: found?.isEnough ? found.millilitres : null,
      aside,
    };
  });
  return drawerOf(standard, tools, block);
}

/**
 * A trial with what its tool holds by today's knowledge: a spoon that was calibrated since counts
 * for what it really holds. A tool that has left the drawer holds what it was taken to hold then.
 */
export function trialByToday<T extends Omit<Trial, 'size'>>(
  record: T,
  { standard, tools }: OwnedTools,
): T & Trial {
  const tool = tools.find(({ name }) => name === record.tool);
  const millilitres = tool ? heldMillilitresOf(tool, standard) : record.millilitres;
  const size = tool
    ? measureSize(tool.unit, stampedMillilitresOf(tool, standard))
    : measureSize('ml', record.millilitres);
  return { ...record, millilitres, size };
}
