import { diffArrays } from 'diff';
import type { Unsure } from '@ypsigram/core/scan';
import type { PhotoLine } from './photo-pages';

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

/** One doubt of a line: the word, and what it may be. */
export interface Doubt {
  readonly line: PhotoLine;
  /** Which line of the text it is. */
  readonly at: number;
  readonly of: Unsure;
  readonly word: string;
}

/** The words of a text that were not read for sure. In a line that was edited there is none any more. */
export function doubtsOf(text: string, read: readonly (PhotoLine | null)[]): readonly Doubt[] {
  const lines = text.split('\n');
  return photoLinesOf(lines, read).flatMap((line, at) =>
    line && line.text === lines[at]
      ? line.unsure.map((of) => ({ line, at, of, word: line.text.slice(of.start, of.end) }))
      : [],
  );
}
