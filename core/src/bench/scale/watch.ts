import type { ScaleReading } from './scale-reading.js';

/** What a scale seems to be used wrongly for. */
export type ScaleWarning =
  /** The reading is, or still holds, a known container. */
  | { readonly code: 'not-tared'; readonly container: string; readonly grams: number }
  /** It shows ounces or pounds. */
  | { readonly code: 'wrong-unit'; readonly grams: number }
  /** It shows millilitres, of something that is not water. */
  | {
      readonly code: 'not-water';
      readonly shownMillilitres: number;
      readonly realMillilitres: number | null;
    }
  /** Half a step of this scale is more than a baker forgives. */
  | { readonly code: 'too-little'; readonly grams: number; readonly halfStepGrams: number };

/** What is remembered from one reading to the next. */
export interface ScaleMemory {
  /** A container that was put on and not tared away. */
  readonly container: { readonly name: string; readonly grams: number } | null;
  /** The last reading that had settled. */
  readonly lastGrams: number;
}

/** What is remembered of a scale that nothing has been put on. */
export const EMPTY_SCALE: ScaleMemory = { container: null, lastGrams: 0 };

/** What the readings are held against. */
export interface ScaleSetting {
  readonly containers: readonly { readonly name: string; readonly grams: number }[];
  readonly gridGrams: number;
  /** What is being weighed, if that is known: its density, and whether it is water. */
  readonly content: {
    readonly gramsPerMillilitre: number | null;
    readonly isWater: boolean;
  } | null;
}

/** A container is recognised within this share of its weight, and never closer than two steps. */
const RECOGNISED_WITHIN = 0.01;
/** Half a step of more than this share is worth saying. */
const COARSE_SHARE = 0.05;

/**
 * What to remember after a reading: whether an untared container stands on the scale. It does
 * from when the settled reading equals one until the scale is tared or emptied.
 */
export function remember(
  memory: ScaleMemory,
  reading: ScaleReading,
  { containers, gridGrams }: ScaleSetting,
): ScaleMemory {
  const { grams, isStable, tareGrams } = reading;
  if (reading.state !== 'on' || grams === null) return EMPTY_SCALE;
  if (!isStable) return memory;
  if (tareGrams !== null && tareGrams !== 0) return { container: null, lastGrams: grams };
  const near = (weight: number): number => Math.max(2 * gridGrams, weight * RECOGNISED_WITHIN);
  const held = memory.container;
  if (held && grams > held.grams - near(held.grams)) return { container: held, lastGrams: grams };
  // Only a container that is put on an empty scale is one: flour may weigh as much as a bowl.
  const wasEmpty = Math.abs(memory.lastGrams) <= 2 * gridGrams;
  const seen = wasEmpty
    ? containers.find(({ grams: weight }) => Math.abs(grams - weight) <= near(weight))
    : undefined;
  return { container: seen ?? null, lastGrams: grams };
}

/** What to say about a reading, the gravest first. Nothing about one that has not settled. */
export function scaleWarnings(
  reading: ScaleReading,
  memory: ScaleMemory,
  { gridGrams, content }: ScaleSetting,
): readonly ScaleWarning[] {
  const { state, unit, grams, isStable } = reading;
  if (state !== 'on' || grams === null || !isStable || grams <= gridGrams / 2) return [];
  const warnings: ScaleWarning[] = [];
  if (memory.container) {
    const { name, grams: weight } = memory.container;
    warnings.push({ code: 'not-tared', container: name, grams: weight });
  }
  if (unit === 'ml' && content && !content.isWater) {
    const density = content.gramsPerMillilitre;
    const realMillilitres = density === null ? null : grams / density;
    warnings.push({ code: 'not-water', shownMillilitres: grams, realMillilitres });
  }
  if (unit === 'oz' || unit === 'lb-oz') warnings.push({ code: 'wrong-unit', grams });
  if (gridGrams / 2 / grams > COARSE_SHARE) {
    warnings.push({ code: 'too-little', grams, halfStepGrams: gridGrams / 2 });
  }
  return warnings;
}
