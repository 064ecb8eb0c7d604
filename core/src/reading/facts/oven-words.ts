/**
 * What older books call an oven, in degrees Celsius: the middle of each word's usual range, as the
 * tables at the back of such books have it (slow 150 °C is gas mark 2, moderate 180 is 4, hot 220 is 7).
 */
const OVEN_WORDS: Readonly<Record<string, number>> = {
  'very cool': 110,
  'very slow': 120,
  cool: 140,
  slow: 150,
  low: 150,
  'moderately slow': 160,
  warm: 160,
  moderate: 180,
  medium: 180,
  'moderately hot': 200,
  'fairly hot': 200,
  hot: 220,
  'very hot': 240,
};

const OVEN_IN_WORDS = new RegExp(
  String.raw`\b(${Object.keys(OVEN_WORDS)
    .sort((a, b) => b.length - a.length)
    .join('|')}) oven\b`,
  'i',
);

/** An oven that is named by a word: "a moderate oven". */
export interface OvenInWords {
  /** In degrees Celsius; a guess, as such words span 20 °C and more. */
  readonly celsius: number;
  /** Character offsets into the text, end exclusive. */
  readonly start: number;
  readonly end: number;
}

/** The first oven that an English text names by a word, without a figure; null for none. */
export function ovenInWords(text: string): OvenInWords | null {
  const found = OVEN_IN_WORDS.exec(text);
  if (!found) return null;
  const end = found.index + found[0].length;
  return { celsius: OVEN_WORDS[found[1]!.toLowerCase()]!, start: found.index, end };
}
