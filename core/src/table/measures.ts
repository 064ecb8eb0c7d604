import type { WeightUnit } from '../catalogue/index.js';
import type { FoodMeasure } from './food.js';

/** Spelled as the table spells them, wherever in a measure they stand. */
const UNITS: readonly (readonly [RegExp, WeightUnit | 'fl-oz'])[] = [
  [/\b(?:tbsp|tbso|tablespoons?)\b/i, 'tbsp'],
  [/\b(?:tsp|teaspoons?)\b/i, 'tsp'],
  [/\bfl\.? oz\b/i, 'fl-oz'],
  [/\bcups?\b/i, 'cup'],
  [/\bsticks?\b/i, 'stick'],
];

const FLUID_OUNCES_TO_THE_CUP = 8;

/** A measure of the table in a unit of the shelf. */
export interface ReadMeasure {
  readonly unit: WeightUnit;
  /** So many of the unit. */
  readonly amount: number;
  readonly grams: number;
  /** What else its words say: "chopped", "packed", "large". */
  readonly words: string;
}

/** A heap on a spoon, or a share of what was bought, is no measure that can be repeated. */
const NO_MEASURE = /heaping|heaped|\bNLEA\b|serving|yields?\b|prepared|as purchased/i;

/**
 * What a measure of the table says by cup, spoon or stick; null where it says something else.
 * Fluid ounces are eighths of a cup.
 *
 * @example
 * readVolume({ amount: 0.33, measure: 'cup, chopped', grams: 40 })
 * // { unit: 'cup', amount: 0.33, grams: 40, words: 'chopped' }
 */
export function readVolume({ amount, measure, grams }: FoodMeasure): ReadMeasure | null {
  const found = UNITS.find(([pattern]) => pattern.test(measure));
  if (!found) return null;
  const [pattern, unit] = found;
  // "serving 2 tbsp": the figure before the unit counts, so many times.
  const inner = new RegExp(`([\\d.]+)\\s*${pattern.source}`, 'i').exec(measure);
  if (!inner && NO_MEASURE.test(measure.replace(/\([^)]*\)/g, ''))) return null;
  if (/heap/i.test(measure)) return null;
  const isPlain = measure.trim().toLowerCase().startsWith(unit) || !inner;
  const times = isPlain ? amount : amount * Number(inner[1]);
  const words = measure
    .replace(/\([^)]*\)/g, ' ')
    .replace(pattern, ' ')
    .replace(/[^a-z\s-]|\b(?:fl|oz|serving|NLEA|thawed|unthawed)\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();
  return unit === 'fl-oz'
    ? { unit: 'cup', amount: times / FLUID_OUNCES_TO_THE_CUP, grams, words }
    : { unit, amount: times, grams, words };
}
