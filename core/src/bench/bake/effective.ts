import type { BakeReading } from './act.js';

/**
 * The readings that hold, in the order they were done: those taken back are left out, and so are
 * the undoings themselves. An undoing that was itself taken back undoes nothing. Of two in the
 * same place the one with the smaller id counts as earlier, so that every device agrees.
 */
export function effectiveReadings(readings: readonly BakeReading[]): readonly BakeReading[] {
  const known = new Map(readings.map((reading) => [reading.id, reading]));
  const inOrder = [...known.values()].sort(byTime);
  const undone = new Set<string>();
  // Backwards: an undoing is never undone by one that came before it.
  for (const { id, act } of inOrder.toReversed()) {
    if (act.do === 'undo' && !undone.has(id)) undone.add(act.reading);
  }
  return inOrder.filter(({ id, act }) => act.do !== 'undo' && !undone.has(id));
}

/** What decides where an act stands among the others of its bake. */
export const orderOf = ({ order, at }: Pick<BakeReading, 'order' | 'at'>): number =>
  order ?? Date.parse(at);

const byTime = (a: BakeReading, b: BakeReading): number =>
  orderOf(a) - orderOf(b) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** The newest act of a device that can be taken back; null where there is none. */
export const lastToUndo = (readings: readonly BakeReading[], device: string): BakeReading | null =>
  effectiveReadings(readings).findLast((reading) => reading.device === device) ?? null;

/** The newest undoing of a device that still holds: what can be done again; null where there is none. */
export function lastToRedo(readings: readonly BakeReading[], device: string): BakeReading | null {
  const mine = readings.filter((reading) => reading.device === device).sort(byTime);
  const undone = new Set<string>();
  for (const { id, act } of mine.toReversed()) {
    if (act.do !== 'undo') return null;
    if (undone.has(id)) continue;
    const of = mine.find((reading) => reading.id === act.reading);
    // An undoing of an undoing did something again: what lies before it is older.
    if (of?.act.do === 'undo') undone.add(act.reading);
    else return mine.find((reading) => reading.id === id)!;
  }
  return null;
}
