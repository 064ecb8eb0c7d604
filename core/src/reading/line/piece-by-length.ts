import { Fraction, exactly, readAmount, scale, type Amount } from '../../amount/index.js';
import { PLAIN_QUANTITY, match } from '../amounts/index.js';
import { CUT_BY_LENGTH } from '../vocabulary/index.js';
import type { LineParts, ReadingContext } from './line-parts.js';
import { readPhrase } from './phrase.js';

const UNIT = /[ -]?(?:(inch(?:es)?\b|in\b\.?|["″])|(?:cm|centimet(?:re|er)s?)\b)/iy;
const THUMB = /thumb(?:[ -]?(?:sized?|length)d?)?\b/iy;
const BEFORE_LENGTH = / ?(?:\(|[x×])? ?/iy;
const BEFORE_NAME =
  /\)?[ -]?(?:long\b ?)?(?:(?:piece|knob|chunk|length|lump|thumb)s?\b ?)?(?:of\b ?)?/iy;
/** Every line comes by here: few of them speak of a length. */
const SPEAKS_OF_LENGTH = /\d[ -]?(?:in|cm|centim|["″])|thumb/i;

const CM_IN_AN_INCH = new Fraction('2.54');
/** Of an adult, from the tip to the lower joint: a convention. */
const THUMB_CM = exactly(new Fraction('5.08'));
const ONE = exactly(new Fraction(1));

interface WrittenLength {
  readonly centimetres: Amount;
  /** As it is written: "2-inch". */
  readonly words: string;
  readonly end: number;
}

/** "2-inch", "5 cm", "thumb-sized" at a place; null where no length stands there. */
function lengthAt(text: string, at: number): WrittenLength | null {
  const thumb = match(THUMB, text, at);
  if (thumb) return { centimetres: THUMB_CM, words: thumb[0], end: at + thumb[0].length };
  const found = readAmount(text, at);
  const unit = found && match(UNIT, text, at + found.length);
  if (!found || !unit) return null;
  const isInches = unit[1] !== undefined;
  const end = at + found.length + unit[0].length;
  return {
    centimetres: isInches ? scale(found.amount, CM_IN_AN_INCH) : found.amount,
    words: text.slice(at, end),
    end,
  };
}

/** "1 (3-inch) cinnamon stick", "2 x 5 cm pieces": so many, each of a length. */
function countedLengthAt(
  text: string,
): { readonly count: Amount; readonly length: WrittenLength } | null {
  const one = lengthAt(text, 0);
  if (one) return { count: ONE, length: one };
  const count = readAmount(text, 0);
  const before = count && match(BEFORE_LENGTH, text, count.length);
  const length = before && lengthAt(text, count.length + before[0].length);
  return length && { count: count.amount, length };
}

/** "A 2-inch piece of ginger": a spoonful or so, by how long a piece of it is. */
export function pieceByLength(text: string, { shelf }: ReadingContext): LineParts | null {
  const found = SPEAKS_OF_LENGTH.test(text) ? countedLengthAt(text) : null;
  if (!found) return null;
  const { end } = found.length;
  const start = end + (match(BEFORE_NAME, text, end)?.[0].length ?? 0);
  const phrase = readPhrase(text.slice(start), start, shelf.findName);
  const cut = phrase.name && CUT_BY_LENGTH[phrase.name.ingredientId];
  if (!phrase.name || !cut) return null;
  const { ingredientId, unit, centimetres } = cut;
  const units = scale(found.length.centimetres, new Fraction(centimetres).inverse());
  const amount = {
    min: units.min.mul(found.count.min),
    max: units.max.mul(found.count.max),
  };
  return {
    quantity: {
      ...PLAIN_QUANTITY,
      amount,
      unit,
      household: found.length.words,
      amountAt: [0, end],
      end: start,
      byArticle: false,
    },
    phrase: {
      ...phrase,
      name: { ...phrase.name, ingredientId, assumedKind: false, otherKinds: [] },
    },
    remarks: phrase.tail,
    byFruit: false,
  };
}
