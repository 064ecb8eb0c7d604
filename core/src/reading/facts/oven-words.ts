/**
 * What older books call an oven, in degrees Celsius: the middle of each word's usual range, as the
 * tables at the back of such books have it (slow 150 °C is gas mark 2, moderate 180 is 4, hot 220 is 7).
 * The longer words first: "moderately hot" is not hot.
 */
const OVEN_WORDS: readonly (readonly [words: string, celsius: number])[] = [
  ['very (?:cool|slow|low) oven', 120],
  ['very hot oven', 240],
  ['(?:moderately|fairly) hot oven', 200],
  ['moderately slow oven', 160],
  ['(?:cool|slow|low|warm) oven', 150],
  ['(?:moderate|medium) oven', 180],
  ['hot oven', 220],
  ['sehr heiße[mnrs]? (?:back)?ofen', 240],
  ['(?:mäßig|mittel) ?(?:warm|heiß)e[mnrs]? (?:back)?ofen', 180],
  ['heiße[mnrs]? (?:back)?ofen', 220],
  ['(?:schwach|lau)?warme[mnrs]? (?:back)?ofen', 150],
  ['four très chaud', 240],
  ['four très doux', 120],
  ['four (?:moyen|modéré)', 180],
  ['four doux', 150],
  ['four chaud', 220],
];

const PATTERNS = OVEN_WORDS.map(
  ([words, celsius]) => [new RegExp(`(?<!\\p{L})${words}(?!\\p{L})`, 'giu'), celsius] as const,
);

/** An oven that is named by a word: "a moderate oven". */
export interface OvenInWords {
  /** In degrees Celsius; a guess, as such words span 20 °C and more. */
  readonly celsius: number;
  /** Character offsets into the text, end exclusive. */
  readonly start: number;
  readonly end: number;
}

/** The ovens that a text names by a word, in its order. */
export function ovensInWords(text: string): OvenInWords[] {
  const found: OvenInWords[] = [];
  for (const [pattern, celsius] of PATTERNS) {
    for (const { index: start, 0: words } of text.matchAll(pattern)) {
      const isWithin = found.some((one) => one.start <= start && start < one.end);
      if (!isWithin) found.push({ celsius, start, end: start + words.length });
    }
  }
  return found.sort((a, b) => a.start - b.start);
}
