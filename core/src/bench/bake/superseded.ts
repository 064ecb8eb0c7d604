import type { BakeReading } from './act.js';
import { effectiveReadings } from './effective.js';

/** A weight that a later one, of another device, took the place of. */
export interface SupersededWeight {
  readonly line: string;
  /** In grams. */
  readonly grams: number;
  /** When it was read: ISO 8601 in UTC. */
  readonly at: string;
  readonly device: string;
}

/**
 * Weights that hold no more since another device weighed the same line later: the last of each
 * device, the oldest first. What was corrected on the same device, or taken back, is none.
 */
export function supersededWeights(readings: readonly BakeReading[]): readonly SupersededWeight[] {
  const byLine = new Map<string, Map<string, SupersededWeight>>();
  for (const { act, at, device } of effectiveReadings(readings)) {
    if (act.do !== 'weigh') continue;
    const { line, grams } = act;
    const ofLine = byLine.get(line) ?? new Map<string, SupersededWeight>();
    // Deleted first, so that the last one set is the one that holds.
    ofLine.delete(device);
    byLine.set(line, ofLine.set(device, { line, grams, at, device }));
  }
  return [...byLine.values()].flatMap((ofLine) => [...ofLine.values()].slice(0, -1));
}
