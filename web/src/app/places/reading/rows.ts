import type { Line, Reading } from '@ypsigram/core/reading';

/** One line of the text as it stands, and what was read from it: nothing for a blank line. */
export interface ReadingRow {
  readonly line: Line | null;
  /** Index of the line among the reading's lines, -1 without one. */
  readonly index: number;
  readonly title: boolean;
}

const BLANK: ReadingRow = { line: null, index: -1, title: false };

/** Lays a reading out along its text, blank lines and title included. */
export function rowsOf(text: string, reading: Reading): readonly ReadingRow[] {
  let next = 0;
  let titleDue = reading.title !== null;
  return text.split(/\r\n|\r|\n/).map((written): ReadingRow => {
    if (written.trim() === '') return BLANK;
    if (titleDue) {
      titleDue = false;
      return { ...BLANK, title: true };
    }
    const index = next++;
    return { line: reading.lines[index] ?? null, index, title: false };
  });
}
