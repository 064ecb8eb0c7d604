import { Fraction, mixed } from '../amount/index.js';
import { around, heightOf, shadeAt, widthOf, type Box, type GreyPicture } from './picture.js';

/** A word with more letters, or with a stretch of so many, is no fraction. */
const LONGEST_SIGN = 5;
const LETTERS = /\p{L}{3}/u;

/** Whether what was recognised may have been a fraction written as one sign, and is worth a look. */
export const mayBeSign = (recognised: string): boolean =>
  recognised.length <= LONGEST_SIGN && !LETTERS.test(recognised);

/** Ink is darker than this, once the light is even. */
const INK = 150;
/** A speck covers less than this of a square as high as the word. */
const SPECK = 0.012;
/** The stroke of a fraction is at least so much of the sign's height; its figures are at most so much. */
const STROKE_HEIGHT = 0.7;
const FIGURE_HEIGHT = 0.68;
const FIGURE_WIDTH = 0.75;
/** Room around what is looked at, in pixels: boxes of words are tight. */
const ROOM = 3;

/** The two figures of a sign such as ½ on a picture, and what stands before it in its word. */
export interface FractionFigures {
  readonly above: Box;
  readonly below: Box;
  /** How many figures of a whole number stand before the sign. */
  readonly before: number;
}

const inside = ({ left, top, right, bottom }: Box, { width, height }: GreyPicture): Box => ({
  left: Math.max(0, left - ROOM),
  top: Math.max(0, top - ROOM),
  right: Math.min(width, right + ROOM),
  bottom: Math.min(height, bottom + ROOM),
});

/** Connected ink within a box: the box of each piece, specks left out. */
function piecesOf(picture: GreyPicture, within: Box): Box[] {
  const { width, grey } = picture;
  const [columns, rows] = [widthOf(within), heightOf(within)];
  const isInk = (at: number): boolean =>
    grey[(within.top + Math.floor(at / columns)) * width + within.left + (at % columns)]! < INK;
  const seen = new Uint8Array(columns * rows);
  const pieces: Box[] = [];
  for (let start = 0; start < seen.length; start++) {
    if (seen[start] || !isInk(start)) continue;
    seen[start] = 1;
    const waiting = [start];
    let [left, right, top, bottom, size] = [columns, 0, rows, 0, 0];
    for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
      const [x, y] = [at % columns, Math.floor(at / columns)];
      size++;
      [left, right] = [Math.min(left, x), Math.max(right, x + 1)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y + 1)];
      for (let down = -1; down <= 1; down++) {
        for (let across = -1; across <= 1; across++) {
          const [nextX, nextY] = [x + across, y + down];
          if (nextX < 0 || nextY < 0 || nextX >= columns || nextY >= rows) continue;
          const next = nextY * columns + nextX;
          if (seen[next] || !isInk(next)) continue;
          seen[next] = 1;
          waiting.push(next);
        }
      }
    }
    if (size > rows * rows * SPECK) {
      pieces.push({
        left: within.left + left,
        right: within.left + right,
        top: within.top + top,
        bottom: within.top + bottom,
      });
    }
  }
  return pieces.sort((a, b) => a.left - b.left);
}

/**
 * The figures of a fraction written as one sign at the end of a word: a small one at the top left,
 * a slanting stroke, a small one at the bottom right. Null where the word shows no such sign.
 *
 * @param picture of even light, turned upright
 */
export function fractionFigures(picture: GreyPicture, word: Box): FractionFigures | null {
  const pieces = piecesOf(picture, inside(word, picture));
  if (pieces.length < 3) return null;
  const whole = around(pieces);
  const height = heightOf(whole);
  const isFigure = (box: Box): boolean =>
    heightOf(box) <= height * FIGURE_HEIGHT && widthOf(box) <= height * FIGURE_WIDTH;
  const middle = (box: Box): number => (box.left + box.right) / 2;
  for (const [at, stroke] of pieces.entries()) {
    if (heightOf(stroke) < height * STROKE_HEIGHT) continue;
    const above = pieces.find(
      (box) =>
        isFigure(box) &&
        middle(box) < middle(stroke) &&
        box.right > stroke.left - height / 2 &&
        box.top < whole.top + height * 0.25 &&
        box.bottom < whole.top + height * FIGURE_HEIGHT,
    );
    const below = pieces.find(
      (box) =>
        isFigure(box) &&
        middle(box) > middle(stroke) &&
        box.left < stroke.right + height / 2 &&
        box.bottom > whole.bottom - height * 0.25 &&
        box.top > whole.bottom - height * FIGURE_HEIGHT,
    );
    if (!above || !below || above === stroke || below === stroke) continue;
    // What a line of print calls a "%" has its rings there; they are told apart when they are read.
    const before = pieces
      .slice(0, at)
      .filter((box) => box !== above && box.right <= above.left + 1);
    return { above, below, before: before.length };
  }
  return null;
}

/**
 * Heights at which recognisers know figures, in pixels, the best first; they know a line better than
 * one letter alone.
 */
export const STRIP_HEIGHTS = [44, 30] as const;
const STRIP_COPIES = 3;
const STRIP_GAP = 0.35;
const STRIP_MARGIN = 22;

/** A figure as a line of print by itself: three times side by side, so high. */
export function figureStrip(
  picture: GreyPicture,
  figure: Box,
  stripHeight: (typeof STRIP_HEIGHTS)[number],
): GreyPicture {
  const scale = stripHeight / heightOf(figure);
  const wide = Math.round(widthOf(figure) * scale);
  const pitch = wide + Math.round(stripHeight * STRIP_GAP);
  const width = pitch * (STRIP_COPIES - 1) + wide + 2 * STRIP_MARGIN;
  const height = stripHeight + 2 * STRIP_MARGIN;
  const grey = new Uint8ClampedArray(width * height).fill(255);
  for (let y = 0; y < stripHeight; y++) {
    for (let x = 0; x < wide; x++) {
      const shade = shadeAt(picture, figure.left + x / scale, figure.top + y / scale);
      for (let copy = 0; copy < STRIP_COPIES; copy++) {
        grey[(y + STRIP_MARGIN) * width + STRIP_MARGIN + copy * pitch + x] = shade;
      }
    }
  }
  return { width, height, grey };
}

/** The figure that a strip was read as: what most of its copies say; empty where they say nothing. */
export function figureOnStrip(read: string): string {
  const figures = read.replace(/[lI|i!]/g, '1').replace(/\D/g, '');
  const counts = new Map<string, number>();
  for (const figure of figures) counts.set(figure, (counts.get(figure) ?? 0) + 1);
  const [most] = [...counts].sort((a, b) => b[1] - a[1]);
  return most && most[1] * 2 > figures.length ? most[0] : '';
}

/** Fractions that are written as one sign. */
const SIGNED = ['1/2', '1/3', '2/3', '1/4', '3/4', '1/5', '2/5', '3/5', '4/5', '1/6', '5/6'];
const EIGHTHS = ['1/8', '3/8', '5/8', '7/8'];

/** A figure that is narrower than this share of its height can be nothing but a one. */
const NARROW = 0.75;

const figureOf = (box: Box, read: string): string =>
  read === '' && widthOf(box) < heightOf(box) * NARROW ? '1' : read;

/**
 * The amount that a sign's figures say, as it is written in a line: "1 1/2"; null where they make no
 * fraction that is written as one sign.
 *
 * @param recognised the word as it was recognised: its first figures are the whole number
 */
export function amountOfSign(
  recognised: string,
  { above, below, before }: FractionFigures,
  readAbove: string,
  readBelow: string,
): string | null {
  const part = `${figureOf(above, readAbove)}/${figureOf(below, readBelow)}`;
  if (!SIGNED.includes(part) && !EIGHTHS.includes(part)) return null;
  const whole = recognised.slice(0, before);
  if (before > 0 && !/^\d+$/.test(whole)) return null;
  return mixed(new Fraction(part).add(before > 0 ? whole : 0));
}
