import type { Reading } from '../reading/index.js';

const KEYS = new WeakMap<Reading, readonly string[]>();

/**
 * What each line of a reading is called in what was decided of a recipe: its place among the written
 * lines, counted from 0, and for a further ingredient of its line also which it is: "3", "3.1". So a
 * line keeps its name when more ingredients of a line before it become known.
 */
export function lineKeys(reading: Reading): readonly string[] {
  let keys = KEYS.get(reading);
  if (keys) return keys;
  let place = -1;
  keys = reading.lines.map(({ partOf }) => {
    if (!partOf || partOf.index === 0) place++;
    return partOf && partOf.index > 0 ? `${place}.${partOf.index}` : String(place);
  });
  KEYS.set(reading, keys);
  return keys;
}

const NOTHING: Readonly<Record<number, never>> = {};

/** What was decided of lines, by their index in the reading; of lines that are not there any more nothing. */
export function byIndex<T>(
  reading: Reading,
  byKey: Readonly<Record<string, T>>,
): Readonly<Record<number, T>> {
  const entries = Object.entries(byKey);
  if (entries.length === 0) return NOTHING;
  const keys = lineKeys(reading);
  return Object.fromEntries(
    entries.flatMap(([key, what]): [number, T][] => {
      const index = keys.indexOf(key);
      return index < 0 ? [] : [[index, what]];
    }),
  );
}
