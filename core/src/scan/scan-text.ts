import type { Shelf } from '../catalogue/index.js';
import { mendLine, type Unsure } from './mend-line.js';
import type { PageLine, PageWord } from './page.js';
import type { Box } from './picture.js';

/** A line of a text that came from a picture, and where it stands there. */
export interface ScanLine {
  readonly text: string;
  readonly box: Box;
  readonly unsure: readonly Unsure[];
}

/** A recognised page as text; a line that only sets others apart is null. */
export type ScannedPage = readonly (ScanLine | null)[];

/** The lines of a page as they were most likely printed, with a blank one where room was left. */
export function scannedPage(
  lines: readonly PageLine[],
  signs: ReadonlyMap<PageWord, string | null>,
  shelf: Shelf,
): ScannedPage {
  const page: (ScanLine | null)[] = [];
  for (const line of lines) {
    const mended = mendLine(line, signs, shelf);
    if (!mended) continue;
    if (line.isApart && page.length > 0) page.push(null);
    page.push({ ...mended, box: line.box });
  }
  return page;
}

/** The text of a recognised page. */
export const textOfScan = (page: ScannedPage): string =>
  page.map((line) => line?.text ?? '').join('\n');
