import { expose, transfer } from 'comlink';
import { imageSize } from 'image-size';
import { readRecipe } from '@ypsigram/core/reading';
import {
  amountOfSign,
  figureStrip,
  flattened,
  fractionFigures,
  greyOf,
  guessCorners,
  mayBeSign,
  readingOrder,
  scannedPage,
  slantOf,
  STRIP_HEIGHTS,
  textOfScan,
  turnedBack,
  withEvenLight,
  type Corners,
  type FractionFigures,
  type PageWord,
  type GreyPicture,
  type ScannedPage,
} from '@ypsigram/core/scan';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { USUAL_STANDARD } from '@ypsigram/core/units';

/** More pixels say no more about letters, and cost time. */
const LONGEST_SIDE = 2400;
/** A picture with more is no page but an attack on the memory. */
const MOST_PIXELS = 60e6;
const HEAD_BYTES = 512 * 1024;

/** Why a picture can't be read. */
export type PictureProblem =
  | { readonly code: 'too-many-pixels'; readonly millions: number; readonly most: number }
  | { readonly code: 'no-picture' };

/** A picture as it was opened: how it looks, and where the page seems to lie on it. */
export interface OpenedPicture {
  readonly width: number;
  readonly height: number;
  readonly shown: ImageBitmap;
  readonly corners: Corners;
}

/** A page that is ready to be recognised. */
export interface PreparedPage {
  readonly image: Blob;
  readonly shown: ImageBitmap;
}

/** The figures of a sign, each as strips to be recognised, the best first. */
export interface SignStrips {
  readonly word: number;
  readonly above: readonly Blob[];
  readonly below: readonly Blob[];
}

/** The figures that were read on the strips of a word. */
export interface ReadSign {
  readonly word: number;
  readonly above: string;
  readonly below: string;
}

let opened: GreyPicture | null = null;
let prepared: GreyPicture | null = null;

/** A grey picture as pixels of a canvas. */
function canvasOf({ width, height, grey }: GreyPicture): OffscreenCanvas {
  const canvas = new OffscreenCanvas(width, height);
  const pixels = new Uint32Array(grey.length);
  for (let at = 0; at < grey.length; at++) pixels[at] = 0xff000000 | (grey[at]! * 0x010101);
  const data = new ImageData(new Uint8ClampedArray(pixels.buffer), width, height);
  canvas.getContext('2d')!.putImageData(data, 0, 0);
  return canvas;
}

const asPng = (picture: GreyPicture): Promise<Blob> =>
  canvasOf(picture).convertToBlob({ type: 'image/png' });

/** The picture turned by quarters to the right. */
function quarterTurned(picture: GreyPicture, quarters: number): GreyPicture {
  let turned = picture;
  for (let turn = 0; turn < quarters % 4; turn++) {
    const { width, height, grey } = turned;
    const next = new Uint8ClampedArray(grey.length);
    for (let y = 0; y < height; y++) {
      for (let x = 0; x < width; x++) next[x * height + (height - 1 - y)] = grey[y * width + x]!;
    }
    turned = { width: height, height: width, grey: next };
  }
  return turned;
}

/** What is wrong with a file before it is opened: opening it is what an attack would want. */
async function problemOf(file: Blob): Promise<PictureProblem | null> {
  try {
    const head = new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer());
    const { width, height } = imageSize(head);
    const pixels = width * height;
    if (pixels <= MOST_PIXELS) return null;
    const million = 1e6;
    return {
      code: 'too-many-pixels',
      millions: Math.round(pixels / million),
      most: MOST_PIXELS / million,
    };
  } catch {
    // A kind of picture that the library does not know; the browser will say whether it does.
    return null;
  }
}

const pagePicture = {
  /** Opens a picture upright, however the camera was held. */
  async open(file: Blob): Promise<OpenedPicture | PictureProblem> {
    const problem = await problemOf(file);
    if (problem) return problem;
    let bitmap: ImageBitmap;
    try {
      bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    } catch {
      return { code: 'no-picture' };
    }
    const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [bitmap.width, bitmap.height].map((side) => Math.round(side * scale));
    const canvas = new OffscreenCanvas(width!, height!);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    context.imageSmoothingQuality = 'high';
    context.drawImage(bitmap, 0, 0, width!, height!);
    bitmap.close();
    opened = greyOf(context.getImageData(0, 0, width!, height!).data, width!, height!);
    const shown = canvas.transferToImageBitmap();
    const found = { width: width!, height: height!, shown, corners: guessCorners(opened) };
    return transfer(found, [shown]);
  },

  /** The page between its corners, upright and of even light. */
  async prepare(corners: Corners, quarters: number): Promise<PreparedPage> {
    const flat = quarterTurned(flattened(opened!, corners), quarters);
    const even = withEvenLight(flat);
    prepared = turnedBack(even, slantOf(even));
    const image = await asPng(prepared);
    const shown = canvasOf(prepared).transferToImageBitmap();
    return transfer({ image, shown }, [shown]);
  },

  /** Words that may be fractions written as one sign, with the strips to tell by. */
  async signs(words: readonly PageWord[]): Promise<SignStrips[]> {
    const picture = prepared!;
    const found: SignStrips[] = [];
    for (const [word, { text, box }] of words.entries()) {
      if (!mayBeSign(text)) continue;
      const figures = fractionFigures(picture, box);
      if (!figures) continue;
      const strips = (figure: FractionFigures['above']) =>
        Promise.all(STRIP_HEIGHTS.map((height) => asPng(figureStrip(picture, figure, height))));
      found.push({ word, above: await strips(figures.above), below: await strips(figures.below) });
    }
    return found;
  },

  /** The words as lines of a text, and the language that it seems to be written in. */
  page(
    words: readonly PageWord[],
    read: readonly ReadSign[],
  ): { readonly page: ScannedPage; readonly language: string } {
    const signs = new Map(
      read.map(({ word, above, below }) => {
        const figures = fractionFigures(prepared!, words[word]!.box)!;
        return [words[word]!, amountOfSign(words[word]!.text, figures, above, below)];
      }),
    );
    const page = scannedPage(readingOrder(words, BUILT_IN_SHELF), signs, BUILT_IN_SHELF);
    const { language } = readRecipe(textOfScan(page), USUAL_STANDARD, BUILT_IN_SHELF);
    return { page, language };
  },
};

export type PagePictureWorker = typeof pagePicture;

expose(pagePicture);
