import { shadeAt, type GreyPicture } from './picture.js';

/** A point of a picture, in its pixels. */
export interface PagePoint {
  readonly x: number;
  readonly y: number;
}

/** The corners of a page on a picture, from the top left around with the clock. */
export type Corners = readonly [PagePoint, PagePoint, PagePoint, PagePoint];

const apart = (one: PagePoint, other: PagePoint): number =>
  Math.hypot(one.x - other.x, one.y - other.y);

/** The corners of a whole picture. */
export const wholeOf = ({ width, height }: { width: number; height: number }): Corners => [
  { x: 0, y: 0 },
  { x: width, y: 0 },
  { x: width, y: height },
  { x: 0, y: height },
];

const isWhole = (picture: GreyPicture, corners: Corners): boolean =>
  wholeOf(picture).every((corner, at) => apart(corner, corners[at]!) < 1);

/**
 * Where on the picture a point of the flat page lies, both from 0 to 1: the projection of a square
 * onto four corners (P. Heckbert, "Fundamentals of Texture Mapping and Image Warping", 1989, 2.2.3).
 */
function projection([a, b, c, d]: Corners): (u: number, v: number) => PagePoint {
  const sum = { x: a.x - b.x + c.x - d.x, y: a.y - b.y + c.y - d.y };
  const [right, down] = [
    { x: b.x - c.x, y: b.y - c.y },
    { x: d.x - c.x, y: d.y - c.y },
  ];
  const area = right.x * down.y - right.y * down.x;
  const g = area === 0 ? 0 : (sum.x * down.y - sum.y * down.x) / area;
  const h = area === 0 ? 0 : (right.x * sum.y - right.y * sum.x) / area;
  const across = { x: b.x - a.x + g * b.x, y: b.y - a.y + g * b.y };
  const along = { x: d.x - a.x + h * d.x, y: d.y - a.y + h * d.y };
  return (u, v) => {
    const depth = g * u + h * v + 1;
    return {
      x: (across.x * u + along.x * v + a.x) / depth,
      y: (across.y * u + along.y * v + a.y) / depth,
    };
  };
}

/** The page between four corners, seen straight from above, as large as its longest sides. */
export function flattened(picture: GreyPicture, corners: Corners): GreyPicture {
  if (isWhole(picture, corners)) return picture;
  const [a, b, c, d] = corners;
  const width = Math.max(1, Math.round(Math.max(apart(a, b), apart(d, c))));
  const height = Math.max(1, Math.round(Math.max(apart(a, d), apart(b, c))));
  const at = projection(corners);
  const grey = new Uint8ClampedArray(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const from = at((x + 0.5) / width, (y + 0.5) / height);
      grey[y * width + x] = shadeAt(picture, from.x - 0.5, from.y - 0.5);
    }
  }
  return { width, height, grey };
}
