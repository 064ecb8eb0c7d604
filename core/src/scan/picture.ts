/** A picture in shades of grey, row by row: 0 is black, 255 white. */
export interface GreyPicture {
  readonly width: number;
  readonly height: number;
  readonly grey: Uint8ClampedArray;
}

/** A place on a picture, in its pixels; right and bottom are outside it. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export const widthOf = ({ left, right }: Box): number => right - left;
export const heightOf = ({ top, bottom }: Box): number => bottom - top;

/** The smallest box that holds all of these; there is at least one. */
export const around = (boxes: readonly Box[]): Box => ({
  left: Math.min(...boxes.map(({ left }) => left)),
  top: Math.min(...boxes.map(({ top }) => top)),
  right: Math.max(...boxes.map(({ right }) => right)),
  bottom: Math.max(...boxes.map(({ bottom }) => bottom)),
});

/** Shares of red, green and blue in brightness, in 256ths (ITU-R BT.601). */
const [RED, GREEN, BLUE] = [77, 150, 29] as const;

/** A coloured picture (four bytes a pixel, as a canvas gives them) in grey, on white where it is clear. */
export function greyOf(rgba: Uint8ClampedArray, width: number, height: number): GreyPicture {
  const grey = new Uint8ClampedArray(width * height);
  for (let at = 0, from = 0; at < grey.length; at++, from += 4) {
    const bright = (rgba[from]! * RED + rgba[from + 1]! * GREEN + rgba[from + 2]! * BLUE) >> 8;
    const opaque = rgba[from + 3]!;
    grey[at] = opaque === 255 ? bright : 255 - (((255 - bright) * opaque) >> 8);
  }
  return { width, height, grey };
}

/** The shade between pixels, drawn from the four around the point; white outside the picture. */
export function shadeAt({ width, height, grey }: GreyPicture, x: number, y: number): number {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  if (left < 0 || top < 0 || left >= width - 1 || top >= height - 1) return 255;
  const [right, down] = [x - left, y - top];
  const at = top * width + left;
  const above = grey[at]! * (1 - right) + grey[at + 1]! * right;
  const below = grey[at + width]! * (1 - right) + grey[at + width + 1]! * right;
  return above * (1 - down) + below * down;
}
