import type { Shelf } from '../catalogue/index.js';
import { readLine } from '../reading/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import type { PageLine, PageWord } from './page.js';
import { around, heightOf, widthOf, type Box } from './picture.js';

/** A gap between columns is wider than so many heights of a letter; between words it is a third of one. */
const COLUMN_GAP = 1.5;
/** Fewer lines side by side are a line with a gap, not columns. */
const FEWEST_LINES = 3;
/** Lines whose middles are closer than this, in heights, are one line. */
const SAME_LINE = 0.5;
/** Room above a line that is more than this, in heights of a letter, sets it apart. */
const APART = 1.1;
/** And more than this times the room between most lines. */
const MORE_THAN_USUAL = 1.5;
/** Rows of a table stand level, if so many of its left cells have one at their right. */
const LEVEL_SHARE = 0.7;
/** A whole amount and a part of one, a unit, and a word of how it is filled. */
const MOST_WORDS_OF_AMOUNT = 4;
/** What every shelf has, in every measure. */
const ANYTHING = 'water';
const middleOf = ({ top, bottom }: Box): number => (top + bottom) / 2;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[sorted.length >> 1] ?? 0;
}

/** The words of one column, line by line. */
function linesOf(words: readonly PageWord[]): PageWord[][] {
  const lines: PageWord[][] = [];
  for (const word of [...words].sort((a, b) => middleOf(a.box) - middleOf(b.box))) {
    const line = lines.at(-1);
    const by = line && middleOf(word.box) - middleOf(around(line.map(({ box }) => box)));
    const height = line ? Math.max(heightOf(word.box), heightOf(line[0]!.box)) : 0;
    if (line && by! < height * SAME_LINE) line.push(word);
    else lines.push([word]);
  }
  return lines.map((line) => line.sort((a, b) => a.box.left - b.box.left));
}

interface Gap {
  readonly from: number;
  readonly to: number;
}

/** The gaps between intervals along one axis, from the first to the last. */
function gapsOf(intervals: readonly (readonly [number, number])[]): Gap[] {
  const gaps: Gap[] = [];
  let end = -Infinity;
  for (const [from, to] of [...intervals].sort((a, b) => a[0] - b[0])) {
    if (end !== -Infinity && from > end) gaps.push({ from: end, to: from });
    end = Math.max(end, to);
  }
  return gaps;
}

const widest = (gaps: readonly Gap[]): Gap | null =>
  gaps.reduce<Gap | null>(
    (most, gap) => (most && most.to - most.from >= gap.to - gap.from ? most : gap),
    null,
  );

/** Whether words are how much of something and not of what: all of them stand before a name that is put behind. */
function isBareAmount(words: readonly PageWord[], shelf: Shelf): boolean {
  if (words.length > MOST_WORDS_OF_AMOUNT) return false;
  const text = words.map((word) => word.text).join(' ');
  const { amount, spans } = readLine(`${text} ${ANYTHING}`, USUAL_STANDARD, shelf);
  const name = spans.find(({ part }) => part === 'ingredient');
  return amount !== null && name !== undefined && name.start > text.length;
}

/** A column of amounts beside one of names is one list: its rows are read across. */
function isTable(left: readonly PageWord[][], right: readonly PageWord[][], shelf: Shelf): boolean {
  const amounts = left.filter((line) => isBareAmount(line, shelf));
  if (amounts.length < left.length * LEVEL_SHARE) return false;
  const level = left.filter(([first]) =>
    right.some(
      ([other]) =>
        Math.abs(middleOf(first!.box) - middleOf(other!.box)) < heightOf(first!.box) * SAME_LINE,
    ),
  );
  return level.length >= left.length * LEVEL_SHARE;
}

/** The words left and right of the widest gap between columns; null where there is none. */
function columnsOf(
  words: readonly PageWord[],
  letter: number,
  shelf: Shelf,
): readonly [PageWord[], PageWord[]] | null {
  const gaps = gapsOf(words.map(({ box }) => [box.left, box.right])).filter(
    ({ from, to }) => to - from > letter * COLUMN_GAP,
  );
  const gap = widest(gaps);
  if (!gap) return null;
  const left = words.filter(({ box }) => box.right <= gap.from);
  const right = words.filter(({ box }) => box.left >= gap.to);
  const [leftLines, rightLines] = [linesOf(left), linesOf(right)];
  if (Math.min(leftLines.length, rightLines.length) < FEWEST_LINES) return null;
  return isTable(leftLines, rightLines, shelf) ? null : [left, right];
}

/** Blocks of words in the order in which a person reads them. */
function blocksOf(words: readonly PageWord[], letter: number, shelf: Shelf): PageWord[][] {
  if (words.length < 2) return [[...words]];
  const columns = columnsOf(words, letter, shelf);
  if (columns) return columns.flatMap((column) => blocksOf(column, letter, shelf));
  const gap = widest(gapsOf(words.map(({ box }) => [box.top, box.bottom])));
  if (!gap) return [[...words]];
  const above = words.filter(({ box }) => box.bottom <= gap.from);
  const below = words.filter(({ box }) => box.top >= gap.to);
  return [above, below].flatMap((part) => blocksOf(part, letter, shelf));
}

/**
 * The words of a page as lines, in the order in which a person reads them: columns one after the
 * other, a table of amounts and names across. By cutting the page at its widest gaps again and again
 * (recursive X-Y cut: G. Nagy and S. Seth, "Hierarchical representation of optically scanned
 * documents", 1984).
 */
export function readingOrder(words: readonly PageWord[], shelf: Shelf): PageLine[] {
  const seen = words.filter(({ text }) => text.trim() !== '');
  const letter = median(seen.map(({ box }) => heightOf(box)));
  const lines = blocksOf(seen, letter, shelf)
    .flatMap(linesOf)
    .map((words) => ({ words, box: around(words.map(({ box }) => box)) }));
  /** How much room is above each line; beside or before the last one it starts somewhere else. */
  const rooms = lines.map(({ box }, at) => {
    const before = lines[at - 1]?.box;
    if (!before) return 0;
    const room = box.top - before.bottom;
    return room < -letter || !isUnder(before, box) ? Infinity : room;
  });
  const usual = median(rooms.filter((room) => room > 0 && room < Infinity));
  const least = Math.max(letter * APART, usual * MORE_THAN_USUAL);
  return lines.map((line, at) => ({ ...line, isApart: rooms[at]! > least }));
}

const isUnder = (above: Box, below: Box): boolean =>
  Math.min(above.right, below.right) - Math.max(above.left, below.left) >
  -Math.max(widthOf(above), widthOf(below));
