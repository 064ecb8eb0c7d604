import type { Random } from './random.js';

/** What decides the mass of one fill. Biases and spreads are relative: 0.05 is 5 %. */
export interface FillModel {
  readonly gramsPerMillilitre: number;
  /** What the tool is taken to hold. */
  readonly millilitres: number;
  /** How much more than that it really holds; the same for every fill of this tool. */
  readonly toolBias: number;
  /** How much heavier than the figure this hand fills; the same for every fill of this hand. */
  readonly handBias: number;
  /** Standard deviation from one fill to the next. */
  readonly fillSpread: number;
}

/**
 * The mass of one fill in grams: density × volume × (1 + tool bias) × (1 + hand bias) ×
 * (1 + fill error), the error drawn anew. Never under zero, whatever is drawn.
 */
export function drawFill(model: FillModel, random: Random): number {
  const { gramsPerMillilitre, millilitres, toolBias, handBias, fillSpread } = model;
  const error = fillSpread * random.normal();
  const grams = gramsPerMillilitre * millilitres * (1 + toolBias) * (1 + handBias) * (1 + error);
  return Math.max(0, grams);
}
