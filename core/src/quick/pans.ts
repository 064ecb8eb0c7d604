import { Fraction } from '../amount/index.js';
import { panRatio, type Pan } from '../factor/index.js';
import { panIn, type PanSize } from '../reading/facts/index.js';

/** How much more one pan takes than another, filled as high. */
export interface PanAnswer {
  readonly kind: 'pan';
  readonly from: PanSize;
  readonly to: PanSize;
  /** Times the batch; exact where both are round or neither is. */
  readonly factor: Fraction;
}

/** Both stand as high: what a pan takes goes by its area. */
const HEIGHT_CM = 5;

function asPan({ shape, lengthCm, widthCm, count }: PanSize): Pan | null {
  if (lengthCm === null || count < 1) return null;
  if (shape === 'round') return { shape, diameterCm: lengthCm, heightCm: HEIGHT_CM };
  if (shape === 'square') return { shape, sideCm: lengthCm, heightCm: HEIGHT_CM };
  if (widthCm === null) return null;
  return { shape: 'rectangle', lengthCm, widthCm, heightCm: HEIGHT_CM };
}

/** The pan of a few words, which need not say that it is one: "20 cm round", "9 x 13 inch". */
function panOf(words: string): PanSize | null {
  const sized = BARE.test(words) || BARE_SIDE.test(words) ? withUnit(words) : words;
  return panIn(/\b(?:tin|pan|tray|dish|mould|mold)/i.test(sized) ? sized : `${sized} tin`);
}

/** Two sides without their unit: "9x13", "20 x 30". */
const BARE =
  /^\s*\d+(?:\.\d+)? ?(?:x|×|by) ?\d+(?:\.\d+)?\s*(?:tin|pan|tray|dish|loaf(?: (?:tin|pan))?)?\s*$/i;
/** One side without its unit, of what is said to be a pan: "23 round". */
const BARE_SIDE = /^\s*\d+(?:\.\d+)? ?(?:round|square|springform)(?: (?:tin|pan|cake))?\s*$/i;
/** A side in inches is shorter than this; pans in centimetres are not that small. */
const LONGEST_INCHES = 17;
const withUnit = (words: string): string => {
  const longest = Math.max(...(words.match(/\d+(?:\.\d+)?/g) ?? []).map(Number));
  return words.replace(/(\d)(?=\D*$)/, `$1 ${longest <= LONGEST_INCHES ? 'inch' : 'cm'}`);
};

/** What the second pan is like where only its size is told. */
const shapeIn = (words: string): string | null =>
  /\b(round|square)\b/i.exec(words)?.[1]?.toLowerCase() ?? null;

/** "2 lb loaf tin": British loaf tins go by the weight of the loaf. */
const POUNDS =
  /^(?:an? )?(\d+(?:\.\d+)?)[ -]?(?:lb|pound)s?\b(?: (?:loaf|bread))?(?: (?:tin|pan))?$/i;
const LOAF_FIRST = /^(?:loaf|bread) (?:tin|pan),? /i;

/** One loaf tin by pounds against another: each takes what its loaf weighs. Null for other pans. */
function loavesBetween(of: string, into: string): PanAnswer | null {
  const [from, to] = [of.replace(LOAF_FIRST, ''), into].map((words) => POUNDS.exec(words)?.[1]);
  const isLoaf = /loaf|bread/i.test(`${of} ${into}`);
  if (!from || !to || !isLoaf || Number(from) === 0) return null;
  const tin = (pounds: string): PanSize => ({
    shape: 'loaf',
    count: 1,
    lengthCm: null,
    widthCm: null,
    heightCm: null,
    written: `${pounds} lb loaf tin`,
  });
  const factor = new Fraction(to).div(new Fraction(from));
  return { kind: 'pan', from: tin(from), to: tin(to), factor };
}

/** The factor from one pan to another; null where one of them is none. */
export function panBetween(of: string, into: string): PanAnswer | null {
  const loaves = loavesBetween(of, into);
  if (loaves) return loaves;
  const shape = shapeIn(into) ?? shapeIn(of);
  const from = panOf(of);
  const isPlain = from?.shape === 'round' || from?.shape === 'square';
  const hasOneSide = !/\d ?(?:x|×|by) ?\d/i.test(into);
  // "8 inch square in round": as wide, of the other shape.
  const size = /^(?:round|square)$/i.test(into.trim()) && of.replace(/\b(?:round|square)\b/i, '');
  if (from && size) return panBetween(of, `${size} ${into}`);
  const to = panOf(shape && isPlain && hasOneSide && !shapeIn(into) ? `${into} ${shape}` : into);
  if (!from || !to) return null;
  const [first, second] = [asPan(from), asPan(to)];
  if (!first || !second) return null;
  const factor = panRatio(first, second).mul(new Fraction(to.count, from.count));
  return { kind: 'pan', from, to, factor };
}
