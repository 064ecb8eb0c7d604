import { shadeAt, type GreyPicture } from './picture.js';

/** Pages that are turned further are taken for lying on their side, and are turned by hand. */
const STEEPEST_DEGREES = 8;
const COARSE_DEGREES = 0.5;
const FINE_DEGREES = 0.1;
/** Ink is darker than this, once the light is even. */
const INK = 140;
/** So wide a picture shows its slant as well as a larger one. */
const ENOUGH_WIDTH = 900;
/** A slant below this makes no difference to a reader of letters. */
const LEAST_DEGREES = 0.15;

const slopeOf = (degrees: number): number => Math.tan((degrees * Math.PI) / 180);

/** How sharply rows of ink and of paper change when the lines lie at this slope. */
function sharpness(ink: Int32Array, height: number, slope: number): number {
  const rows = new Uint32Array(height * 2);
  for (let at = 0; at < ink.length; at += 2) {
    const row = Math.round(ink[at + 1]! - ink[at]! * slope) + (height >> 1);
    if (row >= 0 && row < rows.length) rows[row]!++;
  }
  let sum = 0;
  for (let row = 1; row < rows.length; row++) sum += (rows[row]! - rows[row - 1]!) ** 2;
  return sum;
}

function best(candidates: readonly number[], of: (degrees: number) => number): number {
  let [most, found] = [-1, 0];
  for (const degrees of candidates) {
    const sharp = of(degrees);
    if (sharp > most) [most, found] = [sharp, degrees];
  }
  return found;
}

const steps = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, step) => from + step * by);

/**
 * By how many degrees the lines of a page fall to the right, of even light; 0 where it shows none.
 * Lines of print are sharpest in a profile along them (W. Postl, "Detection of linear oblique
 * structures and skew scan in digitized documents", 1986).
 */
export function slantOf({ width, height, grey }: GreyPicture): number {
  const step = Math.max(1, Math.round(width / ENOUGH_WIDTH));
  const points: number[] = [];
  for (let y = 0; y < height; y += step) {
    for (let x = 0; x < width; x += step) {
      if (grey[y * width + x]! < INK) points.push(x / step, y / step);
    }
  }
  const ink = Int32Array.from(points);
  const rows = Math.ceil(height / step);
  const of = (degrees: number): number => sharpness(ink, rows, slopeOf(degrees));
  const coarse = best(steps(-STEEPEST_DEGREES, STEEPEST_DEGREES, COARSE_DEGREES), of);
  const fine = best(steps(coarse - COARSE_DEGREES, coarse + COARSE_DEGREES, FINE_DEGREES), of);
  return Math.abs(fine) < LEAST_DEGREES ? 0 : fine;
}

/** The picture turned back by so many degrees around its middle; what comes in is white. */
export function turnedBack(picture: GreyPicture, degrees: number): GreyPicture {
  if (degrees === 0) return picture;
  const { width, height } = picture;
  const [sine, cosine] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  const [middleX, middleY] = [width / 2, height / 2];
  const grey = new Uint8ClampedArray(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [right, down] = [x - middleX, y - middleY];
      grey[y * width + x] = shadeAt(
        picture,
        middleX + right * cosine - down * sine,
        middleY + right * sine + down * cosine,
      );
    }
  }
  return { width, height, grey };
}
