import { diffArrays } from 'diff';
import type { PhotoLine } from '../../../recognition/photo-pages';

/**
 * Where each line of a text stands on the photo that it was read from, also after it was edited: a
 * changed line stays where the one stood that it replaced; a new one stands nowhere.
 */
export function photoLinesOf(
  text: readonly string[],
  read: readonly (PhotoLine | null)[],
): readonly (PhotoLine | null)[] {
  const placed: (PhotoLine | null)[] = [];
  let from = 0;
  let removed = 0;
  for (const { value, added, removed: isRemoved } of diffArrays(
    read.map((line) => line?.text ?? ''),
    [...text],
  )) {
    if (isRemoved) {
      removed = value.length;
      continue;
    }
    if (added) {
      for (let at = 0; at < value.length; at++) {
        placed.push(at < removed ? (read[from + at] ?? null) : null);
      }
      from += removed;
    } else {
      from += removed;
      for (let at = 0; at < value.length; at++) placed.push(read[from + at] ?? null);
      from += value.length;
    }
    removed = 0;
  }
  return placed;
}
