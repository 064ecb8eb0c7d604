import type { Line, Reading } from '@ypsigram/core/reading';

/** One line of the text as it stands, and what was read from it. */
export interface ReadingRow {
  /** Each of its ingredients, or the line itself; nothing for a blank line. */
  readonly lines: readonly Line[];
  /** Index of the first of them among the reading's lines, -1 without one. */
  readonly index: number;
  readonly title: boolean;
}

const BLANK: ReadingRow = { lines: [], index: -1, title: false };

/** Lays a reading out along its text, blank lines and title included. */
export function rowsOf(text: string, reading: Reading): readonly ReadingRow[] {
  let next = 0;
  let isTitleDue = reading.title !== null;
  return text.split(/\r\n|\r|\n/).map((written): ReadingRow => {
    if (written.trim() === '') return BLANK;
    if (isTitleDue && next === reading.linesBeforeTitle) {
      isTitleDue = false;
      return { ...BLANK, title: true };
    }
    const index = next;
    next += reading.lines[index]?.partOf?.count ?? 1;
    return { lines: reading.lines.slice(index, next), index, title: false };
  });
}
