/** A tin, tray or ring that a text names, in centimetres; null where it does not say. */
export interface PanSize {
  readonly shape: 'round' | 'square' | 'rectangle' | 'loaf' | 'ring' | 'moulds';
  readonly count: number;
  /** The diameter, of a round pan or ring. */
  readonly lengthCm: number | null;
  readonly widthCm: number | null;
  readonly heightCm: number | null;
  readonly written: string;
}

const CM_PER_INCH = 2.54;
const SIDE = String.raw`(\d+(?:[.,]\d+)?(?: ?\d\/\d)?)`;
const UNIT = String.raw`(?:-? ?(cm|centimet(?:re|er)s?|mm|inch(?:es)?|in\b\.?|["”″]))`;
const VESSEL = String.raw`(?:tins?|pans?|trays?|dish(?:es)?|moulds?|molds?|loaf|rings?|baking sheets?|sheets?|cases?|springform)`;
const BY = String.raw` ?(?:x|×|by) ?`;
const SIZED = new RegExp(
  String.raw`${SIDE}${UNIT}?(?:${BY}${SIDE}${UNIT}?)?(?:${BY}${SIDE}${UNIT}?)?([^.;,\d]{0,40}?)\b${VESSEL}\b`,
  'i',
);
const SIZE_BEHIND = new RegExp(
  String.raw`\b((?:loaf|round|square|springform|ring|bundt)[^.;,\d]{0,20})?\b${VESSEL}\b[^.;\d]{0,12}${SIDE}${UNIT}?(?:${BY}${SIDE}${UNIT}?)?(?:${BY}${SIDE}${UNIT}?)?`,
  'i',
);
const MOULDS =
  /\b(\d{1,2}|six|twelve)[- ](?:hole|cup|hollow)s?\b[^.;]{0,25}\b(?:tin|pan|tray|mould|mold)/i;
/** "2 x 20 cm round": a count, since no round or square pan has two sides. */
const SEVERAL =
  /\b([2-6]) ?(?:x|×) ?((?:\d+(?:[.,]\d+)? ?(?:cm|mm|-?inch(?:es)?|in\b|["”″]))(?= ?-?(?:round|square|springform)))/i;
const COUNT = /\b(two|three|four|2|3|4) (?:x )?$/i;
const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, six: 6, twelve: 12 };

/** A side longer than this is no pan, in centimetres. */
const LONGEST = 80;

function inches(written: string): number {
  const [whole, part] = written.replace(',', '.').trim().split(/ /);
  if (!part) {
    return Number(whole);
  }
  const [top, bottom] = part.split('/').map(Number);
  return Number(whole) + (bottom ? top! / bottom : 0);
}

function centimetres(side: string | undefined, unit: string | undefined): number | null {
  if (side === undefined || unit === undefined) return null;
  const length = inches(side);
  if (/^mm/i.test(unit)) return length / 10;
  return /^c/i.test(unit) ? length : length * CM_PER_INCH;
}

function shapeOf(words: string, sides: number): PanSize['shape'] {
  if (/loaf/i.test(words)) return 'loaf';
  if (/\bring|bundt|tube/i.test(words)) return 'ring';
  if (sides >= 2) return 'rectangle';
  return /square/i.test(words) ? 'square' : 'round';
}

const countBefore = (text: string): number => {
  const count = COUNT.exec(text)?.[1]?.toLowerCase();
  return count === undefined ? 1 : (COUNTS[count] ?? Number(count));
};

/**
 * The pan that a text names: "a 23 cm round tin", "9 x 13 inch pan", "two 8-inch tins", "a
 * 12-hole muffin tin". Inches become centimetres, unrounded. Null where none is named.
 *
 * @example
 * panIn('a 9 x 13 inch pan') // a rectangle of 22.86 by 33.02 cm
 */
export function panIn(text: string): PanSize | null {
  const moulds = MOULDS.exec(text);
  if (moulds) {
    const count = COUNTS[moulds[1]!.toLowerCase()] ?? Number(moulds[1]);
    const sizes = { lengthCm: null, widthCm: null, heightCm: null };
    return { shape: 'moulds', count, ...sizes, written: moulds[0] };
  }
  const several = SEVERAL.exec(text);
  if (several) {
    const one = panIn(text.replace(several[0], several[2]!));
    return one && { ...one, count: COUNTS[several[1]!] ?? Number(several[1]) };
  }
  const before = SIZED.exec(text);
  const found = before ?? SIZE_BEHIND.exec(text);
  if (!found) return null;
  const at = before ? 1 : 2;
  const units = [found[at + 1], found[at + 3], found[at + 5]];
  const unit = units.find((one) => one !== undefined);
  const sides = [found[at], found[at + 2], found[at + 4]].map((side, index) =>
    centimetres(side, units[index] ?? unit),
  );
  const [lengthCm, second, third] = sides as [number | null, number | null, number | null];
  if (lengthCm === null || sides.some((side) => side !== null && side > LONGEST)) return null;
  const given = sides.filter((side) => side !== null).length;
  const words = `${before ? found[7]! : (found[1] ?? '')} ${found[0]}`;
  const shape = shapeOf(words, given);
  const isFlat = shape === 'round' || shape === 'ring' || shape === 'square';
  return {
    shape,
    count: countBefore(text.slice(0, found.index)),
    lengthCm,
    widthCm: isFlat ? null : second,
    heightCm: isFlat ? second : third,
    written: found[0].trim(),
  };
}
