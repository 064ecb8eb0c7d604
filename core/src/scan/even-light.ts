import type { GreyPicture } from './picture.js';

/** The side of the squares that the light is judged by, in parts of the longer side. */
const SQUARES = 60;
/** In a square of a printed page, so much is paper: what is darker than this share is ink. */
const PAPER_SHARE = 0.85;

/** How bright the paper is in each square, as a table of rows. */
function paperOf({ width, height, grey }: GreyPicture, side: number): number[][] {
  const rows: number[][] = [];
  for (let top = 0; top < height; top += side) {
    const row: number[] = [];
    for (let left = 0; left < width; left += side) {
      const counts = new Uint32Array(256);
      let seen = 0;
      for (let y = top; y < Math.min(top + side, height); y += 2) {
        for (let x = left; x < Math.min(left + side, width); x += 2) {
          counts[grey[y * width + x]!]!++;
          seen++;
        }
      }
      let shade = 0;
      for (let below = 0; shade < 255 && below + counts[shade]! < seen * PAPER_SHARE; shade++) {
        below += counts[shade]!;
      }
      row.push(Math.max(shade, 1));
    }
    rows.push(row);
  }
  return rows;
}

/** The brightest of a square and its neighbours: a square full of ink goes by the paper beside it. */
const brightest = (rows: readonly number[][]): number[][] =>
  rows.map((row, y) =>
    row.map((_, x) =>
      Math.max(
        ...[-1, 0, 1].flatMap((down) =>
          [-1, 0, 1].map((right) => rows[y + down]?.[x + right] ?? 0),
        ),
      ),
    ),
  );

/**
 * The picture as if the light had been even: each pixel beside the paper around it, so that shadows
 * and yellow paper become white. After "background normalisation" as document scanners do it.
 */
export function withEvenLight(picture: GreyPicture): GreyPicture {
  const { width, height, grey } = picture;
  const side = Math.max(8, Math.ceil(Math.max(width, height) / SQUARES));
  const paper = brightest(paperOf(picture, side));
  const lastRow = paper.length - 1;
  const lastColumn = paper[0]!.length - 1;
  const even = new Uint8ClampedArray(grey.length);
  for (let y = 0; y < height; y++) {
    const down = Math.min(Math.max(y / side - 0.5, 0), lastRow);
    const above = paper[Math.floor(down)]!;
    const below = paper[Math.min(Math.floor(down) + 1, lastRow)]!;
    const share = down - Math.floor(down);
    for (let x = 0; x < width; x++) {
      const right = Math.min(Math.max(x / side - 0.5, 0), lastColumn);
      const left = Math.floor(right);
      const next = Math.min(left + 1, lastColumn);
      const part = right - left;
      const light =
        (above[left]! * (1 - part) + above[next]! * part) * (1 - share) +
        (below[left]! * (1 - part) + below[next]! * part) * share;
      even[y * width + x] = (grey[y * width + x]! * 255) / light;
    }
  }
  return { width, height, grey: even };
}
