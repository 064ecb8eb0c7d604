import type { Intended } from '../conversion/index.js';
import { COVERAGE } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';

/** What a line weighed in bakes of this recipe that were kept as good. */
export interface ProvenWeight {
  /** The line as it is written; another text is another line. */
  readonly written: string;
  /** Which of the lines that are written alike, counted from 0. */
  readonly nth: number;
  readonly ingredientId: string;
  /** The mean at factor 1, in grams, unrounded. */
  readonly grams: number;
  /** From bake to bake, as a relative standard deviation; 0 for a single one. */
  readonly spread: number;
  /** How many good bakes it is the mean of. */
  readonly bakes: number;
}

/** How a line is called when it is looked for in another reading. */
export const writtenKey = ({ written }: Pick<Line, 'written'>): string =>
  written.trim().replace(/\s+/g, ' ').toLowerCase();

const FOUND = new WeakMap<readonly ProvenWeight[], WeakMap<Reading, ProvenLines>>();
/** By the index of a line, what is proven of it. */
export type ProvenLines = ReadonlyMap<number, ProvenWeight>;
const NONE: ProvenLines = new Map();

/** Which lines of a reading are proven. The same reading and weights give the same object. */
export function provenLines(
  reading: Reading,
  proven: readonly ProvenWeight[] | undefined,
): ProvenLines {
  if (!proven || proven.length === 0) return NONE;
  let byReading = FOUND.get(proven);
  if (!byReading) FOUND.set(proven, (byReading = new WeakMap()));
  let found = byReading.get(reading);
  if (!found) byReading.set(reading, (found = matchLines(reading, proven)));
  return found;
}

function matchLines(reading: Reading, proven: readonly ProvenWeight[]): ProvenLines {
  const seen = new Map<string, number>();
  const found = new Map<number, ProvenWeight>();
  for (const [index, line] of reading.lines.entries()) {
    if (line.kind !== 'ingredient') continue;
    // Before its other ingredients were counted, a bake had the first by the words of the whole line.
    const { partOf } = line;
    const names = partOf?.index === 0 ? [line.written, partOf.whole] : [line.written];
    for (const key of names.map((written) => writtenKey({ written }))) {
      const nth = seen.get(key) ?? 0;
      seen.set(key, nth + 1);
      const weight = proven.find((one) => one.nth === nth && writtenKey(one) === key);
      if (weight && weight.ingredientId === line.ingredientId) found.set(index, weight);
    }
  }
  return found;
}

/** The intended mass of a line that is proven; its range is what the good bakes differed by. */
export function provenMass({ grams, spread, bakes }: ProvenWeight): Intended {
  const range = grams * COVERAGE * spread;
  return {
    grams,
    low: Math.max(0, grams - range),
    high: grams + range,
    basis: { rung: 'proven', source: { from: 'bakes', bakes }, derivedFrom: null },
  };
}
