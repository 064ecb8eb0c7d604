import { mean, standardDeviation } from 'simple-statistics';
import { writtenKey, type ProvenWeight } from '../batch/index.js';
import type { BakeOutcome, OutcomeLine } from './outcome.js';

/**
 * What the lines of a recipe weighed in its bakes that were kept as good: by line, the mean at
 * factor 1 and how far bakes differ. Only what a scale gave counts; cups alone prove nothing in
 * grams. A line that was written otherwise, or of another ingredient, is another line.
 */
export function provenWeights(outcomes: readonly BakeOutcome[]): readonly ProvenWeight[] {
  const byLine = new Map<string, { readonly line: OutcomeLine; readonly grams: number[] }>();
  for (const { isGood, lines } of outcomes) {
    if (!isGood) continue;
    for (const line of lines) {
      if (!line.isWeighed || line.grams <= 0) continue;
      const key = JSON.stringify([writtenKey(line), line.nth, line.ingredientId]);
      const known = byLine.get(key) ?? { line, grams: [] };
      known.grams.push(line.grams);
      byLine.set(key, known);
    }
  }
  return [...byLine.values()].map(({ line, grams }): ProvenWeight => {
    const { written, nth, ingredientId } = line;
    const middle = mean(grams);
    const spread = grams.length > 1 ? sampleSpread(grams) / middle : 0;
    return { written, nth, ingredientId, grams: middle, spread, bakes: grams.length };
  });
}

/** Bessel's correction: of few bakes the plain deviation is too small. */
const sampleSpread = (grams: readonly number[]): number =>
  standardDeviation([...grams]) * Math.sqrt(grams.length / (grams.length - 1));
