import { wholeOf, type Corners, type PagePoint } from './flatten.js';
import type { GreyPicture } from './picture.js';

/** So many pixels across are enough to see where a page lies. */
const ACROSS = 160;
/** A page covers at least so much of its picture; one that covers nearly all needs no cropping. */
const LEAST_SHARE = 0.25;
const MOST_SHARE = 0.96;

/** The shade between two kinds of pixels that parts them best (N. Otsu, 1979). */
function threshold(grey: Uint8ClampedArray): number {
  const counts = new Uint32Array(256);
  for (const shade of grey) counts[shade]!++;
  let [sum, below, belowSum, most, found] = [0, 0, 0, -1, 128];
  for (let shade = 0; shade < 256; shade++) sum += shade * counts[shade]!;
  for (let shade = 0; shade < 256; shade++) {
    below += counts[shade]!;
    belowSum += shade * counts[shade]!;
    const above = grey.length - below;
    if (below === 0 || above === 0) continue;
    const apart = belowSum / below - (sum - belowSum) / above;
    const parted = below * above * apart * apart;
    if (parted > most) [most, found] = [parted, shade];
  }
  return found;
}

function smaller({ width, height, grey }: GreyPicture): GreyPicture & { readonly step: number } {
  const step = Math.max(1, Math.floor(Math.max(width, height) / ACROSS));
  const [columns, rows] = [Math.floor(width / step), Math.floor(height / step)];
  const small = new Uint8ClampedArray(columns * rows);
  for (let y = 0; y < rows; y++) {
    for (let x = 0; x < columns; x++) {
      let sum = 0;
      for (let down = 0; down < step; down++) {
        for (let right = 0; right < step; right++) {
          sum += grey[(y * step + down) * width + x * step + right]!;
        }
      }
      small[y * columns + x] = sum / (step * step);
    }
  }
  return { width: columns, height: rows, grey: small, step };
}

/** The largest connected bright part, as the places of its pixels. */
function largestBright({ width, height, grey }: GreyPicture, from: number): number[] {
  const seen = new Uint8Array(grey.length);
  let largest: number[] = [];
  for (let start = 0; start < grey.length; start++) {
    if (seen[start] || grey[start]! <= from) continue;
    seen[start] = 1;
    const part = [start];
    for (let next = 0; next < part.length; next++) {
      const at = part[next]!;
      const [x, y] = [at % width, Math.floor(at / width)];
      for (const [nextX, nextY] of [
        [x + 1, y],
        [x - 1, y],
        [x, y + 1],
        [x, y - 1],
      ] as const) {
        if (nextX < 0 || nextY < 0 || nextX >= width || nextY >= height) continue;
        const beside = nextY * width + nextX;
        if (seen[beside] || grey[beside]! <= from) continue;
        seen[beside] = 1;
        part.push(beside);
      }
    }
    if (part.length > largest.length) largest = part;
  }
  return largest;
}

/** The size of what four corners enclose. */
const areaOf = (corners: Corners): number =>
  Math.abs(
    corners.reduce((sum, { x, y }, at) => {
      const next = corners[(at + 1) % corners.length]!;
      return sum + x * next.y - next.x * y;
    }, 0),
  ) / 2;

/** A first guess of where the page lies: a bright part on something darker, else the whole picture. */
export function guessCorners(picture: GreyPicture): Corners {
  const small = smaller(picture);
  const bright = largestBright(small, threshold(small.grey));
  const points = bright.map((at) => ({ x: at % small.width, y: Math.floor(at / small.width) }));
  const whole = wholeOf(picture);
  if (points.length === 0) return whole;
  const farthest = (
    of: (point: PagePoint) => number,
    rightOf: number,
    below: number,
  ): PagePoint => {
    const point = points.reduce((most, one) => (of(one) > of(most) ? one : most));
    return { x: (point.x + rightOf) * small.step, y: (point.y + below) * small.step };
  };
  const corners: Corners = [
    farthest(({ x, y }) => -x - y, 0, 0),
    farthest(({ x, y }) => x - y, 1, 0),
    farthest(({ x, y }) => x + y, 1, 1),
    farthest(({ x, y }) => y - x, 0, 1),
  ];
  const share = areaOf(corners) / (picture.width * picture.height);
  return share < LEAST_SHARE || share > MOST_SHARE ? whole : corners;
}
