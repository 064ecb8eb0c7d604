import { diffLines } from 'diff';

/** A line of a text beside an earlier one. */
export interface LineChange {
  readonly kind: 'same' | 'gone' | 'new';
  readonly text: string;
}

/** What became of an earlier text, line by line: what is gone, what is new, what stayed. */
export function lineChanges(earlier: string, now: string): readonly LineChange[] {
  const plain = (text: string): string => `${text.replace(/\r\n?/g, '\n').trimEnd()}\n`;
  return diffLines(plain(earlier), plain(now)).flatMap(({ added, removed, value }) =>
    value
      .replace(/\n$/, '')
      .split('\n')
      .map((text): LineChange => ({ kind: added ? 'new' : removed ? 'gone' : 'same', text })),
  );
}
