import { readLine } from '../reading/index.js';
import type { Shelf } from '../catalogue/index.js';
import { USUAL_STANDARD, isNominalUnit } from '../units/index.js';
import type { PageLine, PageWord } from './page.js';

/** A stretch of a line that was not recognised for sure, and what else it may be. */
export interface Unsure {
  /** Character offsets into the line, end exclusive. */
  readonly start: number;
  readonly end: number;
  readonly options: readonly string[];
}

/** A line as it is written into the text. */
export interface MendedLine {
  readonly text: string;
  readonly unsure: readonly Unsure[];
}

/** A word of which one is less sure than this may be another. */
const SURE = 0.6;
/** Figures weigh: they have to be surer. */
const SURE_FIGURE = 0.75;
/** What dirt and folds of the paper are recognised as, at the edges of a line. */
const DIRT = /^[|¦\][(){}<>»«“”"'`´’‘~_=*^.,:;\\/-]+$|^[iIlJj!]$/;

/** What letters and figures are recognised as, and what was there; only where the reader likes it better. */
const SLIPS: readonly (readonly [recognised: RegExp, printed: string])[] = [
  [/h(?=sp)/g, 'b'],
  [/I/g, 'l'],
  [/1/g, 'l'],
  [/0/g, 'o'],
  [/5/g, 's'],
  [/rn/g, 'm'],
  [/m/g, 'rn'],
  [/ii/g, 'n'],
  [/vv/g, 'w'],
  [/c/g, 'e'],
  [/€/g, 'e'],
  [/[‘’'`]/g, ''],
];
/** Fractions as they are most often written; which of them a blot was, nobody can tell. */
const FRACTIONS = ['1/2', '1/4', '3/4', '1/3', '2/3'];
const FIGURES = /\d/;
const LISTED = /^(?:[\dIlO¼½¾⅓⅔%¥£€]|an?$)/;
const MOST_WORDS = 12;
/** A figure among the letters of a word. */
const MIXED = /[a-z]\d+[a-z]/i;
const NO_AMOUNT = /[%¥£€§&>$#@?Y¢°]|\d[A-Za-z]/;

/** How much of a line the reader understands; more is better. */
function understanding(text: string, shelf: Shelf): number {
  const line = readLine(text, USUAL_STANDARD, shelf);
  if (line.ingredientId === null) return line.amount === null ? 0 : 1;
  const isDoubted = line.notes.some(({ code }) => code === 'spelling');
  return (line.amount === null ? 2 : 4) + (line.unit === null ? 0 : 1) - (isDoubted ? 1 : 0);
}

/** Units that are written otherwise where there are several. */
const SINGULAR_UNITS: ReadonlySet<string> = new Set([
  'cup',
  'teaspoon',
  'tablespoon',
  'stick',
  'pound',
  'ounce',
  'pint',
  'quart',
]);
/** Stands where an amount was that nobody could read: no weight comes of it. */
const UNREAD = '?';

interface Token {
  readonly text: string;
  readonly options: readonly string[];
}

/** What a line weighs that begins with an amount, whatever that is. */
const withAnAmount = (rest: string, shelf: Shelf) => readLine(`1 ${rest}`, USUAL_STANDARD, shelf);

/** Whether these words are measured: then what stands before them is how much. */
const isMeasured = (rest: string, shelf: Shelf): boolean => {
  const line = withAnAmount(rest, shelf);
  return line.ingredientId !== null && line.amount !== null;
};

/** Whether these words begin with a unit: an amount has to stand before them. */
const beginsWithUnit = (rest: string, shelf: Shelf): boolean =>
  isMeasured(rest, shelf) &&
  withAnAmount(rest, shelf).spans.some(
    ({ part, start }) => part === 'unit' && start === '1 '.length,
  );

/** "A pinch" needs no figure, "cup" does. */
function isNominal(texts: readonly string[], shelf: Shelf): boolean {
  const { unit } = withAnAmount(texts.join(' '), shelf);
  return unit === null || isNominalUnit(unit);
}

/** A whole number above one, before a unit that stands for one alone: a fraction that was one sign. */
const isOneOfMany = (amount: string, unit: string | undefined): boolean =>
  /^(?:[2-9]|\d{2,})$/.test(amount) && SINGULAR_UNITS.has(unit?.toLowerCase() ?? '');

/** The first word where it has to be an amount and is none: left as it is, with what it may be. */
function amountToken(
  { text }: PageWord,
  rest: readonly string[],
  isUnread: boolean,
  shelf: Shelf,
): Token | null {
  const others = rest.join(' ');
  if (!isMeasured(others, shelf)) return null;
  // A sign whose figures nobody could read may have been recognised as a number of its own.
  const isBlot = isUnread || DIRT.test(text);
  if (isBlot && beginsWithUnit(others, shelf)) return { text: UNREAD, options: FRACTIONS };
  if (isOneOfMany(text, rest[0])) return { text, options: [...FRACTIONS, text] };
  if (!NO_AMOUNT.test(text)) return null;
  const whole = /^\d+(?=[^\d])/.exec(text)?.[0];
  return {
    text,
    options: FRACTIONS.map((part) => (whole === undefined ? part : `${whole} ${part}`)),
  };
}

/** The line with one word as it may have been printed, where the reader then understands more of it. */
function likelier(texts: readonly string[], at: number, shelf: Shelf): string | null {
  const now = understanding(texts.join(' '), shelf);
  let best: { text: string; of: number } | null = null;
  for (const [recognised, printed] of SLIPS) {
    const text = texts[at]!.replace(recognised, printed);
    if (text === texts[at] || text === '') continue;
    const of = understanding(texts.with(at, text).join(' '), shelf);
    // "f1our" is understood as it stands, and looks better as it was printed.
    const isCleaner = of === now && !best && MIXED.test(texts[at]!) && !FIGURES.test(text);
    if (of > (best?.of ?? now) || isCleaner) best = { text, of };
  }
  return best?.text ?? null;
}

/** Dirt at the edges is no word, unless an amount has to stand where it is. */
function withoutDirt(
  words: readonly PageWord[],
  signs: ReadonlyMap<PageWord, string | null>,
  shelf: Shelf,
): readonly PageWord[] {
  const isDirt = (word: PageWord | undefined): boolean =>
    word !== undefined && DIRT.test(word.text) && word.confidence < SURE_FIGURE && !signs.has(word);
  let left = words;
  while (isDirt(left.at(-1))) left = left.slice(0, -1);
  while (isDirt(left[0])) {
    const rest = left.slice(1);
    if (isMeasured(rest.map(({ text }) => text).join(' '), shelf)) {
      // "| 2 cups flour" has its amount; "| cups flour" has lost it, and "l egg" is one.
      if (!/^\d/.test(rest[0]!.text)) break;
    }
    left = rest;
  }
  return left;
}

/**
 * A recognised line as it was most likely printed, by what the reader knows of units, amounts and
 * names. What stays in doubt is kept as it was recognised and marked: no amount is guessed.
 *
 * @param signs fractions written as one sign, by their word, as their figures were read
 */
export function mendLine(
  line: PageLine,
  signs: ReadonlyMap<PageWord, string | null>,
  shelf: Shelf,
): MendedLine | null {
  const words = withoutDirt(line.words, signs, shelf);
  if (words.length === 0) return null;
  const texts = words.map((word) => signs.get(word) ?? word.text);
  // Sentences are for people: what is weighed stands in lines that begin with how much.
  const isListed = LISTED.test(texts[0]!) && texts.length <= MOST_WORDS;
  const tokens = words.map((word, at): Token => {
    const sign = signs.get(word);
    if (typeof sign === 'string') return { text: sign, options: [] };
    const amount = at === 0 ? amountToken(word, texts.slice(1), sign === null, shelf) : null;
    if (amount) return amount;
    const isSure = word.confidence >= (FIGURES.test(word.text) ? SURE_FIGURE : SURE);
    const recognised = texts[at]!;
    texts[at] = (isListed ? likelier(texts, at, shelf) : null) ?? recognised;
    return { text: texts[at], options: isSure ? [] : [recognised] };
  });
  const isWithoutAmount = beginsWithUnit(texts.join(' '), shelf) && !isNominal(texts, shelf);
  const lost = isWithoutAmount ? [{ text: UNREAD, options: ['1', ...FRACTIONS] }] : [];
  let text = '';
  const unsure: Unsure[] = [];
  for (const { text: word, options } of [...lost, ...tokens]) {
    const start = text === '' ? 0 : text.length + 1;
    text = text === '' ? word : `${text} ${word}`;
    if (options.length > 0) unsure.push({ start, end: start + word.length, options });
  }
  return { text, unsure };
}
