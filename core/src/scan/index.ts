export { recipesOfDocument, type DocumentPage } from './document.js';
export { withEvenLight } from './even-light.js';
export { flattened, wholeOf, type Corners, type PagePoint } from './flatten.js';
export {
  amountOfSign,
  figureOnStrip,
  figureStrip,
  fractionFigures,
  mayBeSign,
  STRIP_HEIGHTS,
  type FractionFigures,
} from './fraction-sign.js';
export { guessCorners } from './guess-corners.js';
export type { Unsure } from './mend-line.js';
export type { PageLine, PageWord } from './page.js';
export { greyOf, type Box, type GreyPicture } from './picture.js';
export { readingOrder } from './reading-order.js';
export { scannedPage, textOfScan, type ScanLine, type ScannedPage } from './scan-text.js';
export { slantOf, turnedBack } from './slant.js';
