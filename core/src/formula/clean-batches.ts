import type { Fraction } from '../amount/index.js';
import { cleanFactors, type BatchEffort, type CleanBatch } from '../factor/index.js';
import {
  forgivenessFor,
  planBatch,
  setFactor,
  type AssembledRecipe,
  type PlanLine,
  ratioDrift,
} from '../batch/index.js';

/** A text with more lines than this is not searched: no recipe has as many. */
const MOST_LINES = 300;

/**
 * Factors near the wanted one that are cleaner, the cleanest first; found by planning a batch at
 * each. None for a text of over 300 lines.
 *
 * @param planned the batch at the wanted factor, which is not planned again
 */
export function cleanBatches(
  recipe: AssembledRecipe,
  wanted: Fraction,
  planned: readonly PlanLine[],
): CleanBatch[] {
  const { reading, size, basis } = recipe;
  if (reading.lines.length > MOST_LINES) return [];
  return cleanFactors(wanted, size, (factor) =>
    effortOf(factor === wanted ? planned : planBatch(reading, setFactor(recipe, factor)), basis),
  );
}

function effortOf(plan: readonly PlanLine[], basis: AssembledRecipe['basis']): BatchEffort {
  let fills = 0;
  const tools = new Set<string>();
  for (const { measure } of plan) {
    for (const fill of measure?.fills ?? []) {
      fills += fill.count;
      tools.add(fill.tool);
    }
  }
  const { ratios } = ratioDrift(plan, basis.shelf, forgivenessFor(basis));
  const drift = Math.max(...Object.values(ratios).map((ratio) => ratio.drift));
  return { fills, tools: tools.size, drift };
}
