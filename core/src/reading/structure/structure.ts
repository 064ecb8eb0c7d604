import type { Line, Yield } from '../line.js';
import { readAmount } from '../../amount/index.js';
import type { CleanLine } from '../clean.js';
import {
  ASIDE_HEADINGS,
  BUTTONS,
  BYLINE,
  COUNTED_ON_PAGE,
  HEADINGS,
  IMPERATIVE,
  METHOD_HEADINGS,
  NOT_AN_AMOUNT,
  PART_WORDS,
  REMARK,
  REMARK_LABEL,
  STEP_OPENERS,
  STEP_VERBS,
  STORY,
  TELLS_STEP,
  UNIT_WORDS,
} from '../vocabulary/index.js';

/** Whether the heading at `index` stands over an ingredient, not over steps: worth a row of a ledger. */
export function headsIngredients(
  { lines }: { readonly lines: readonly Pick<Line, 'kind'>[] },
  index: number,
): boolean {
  const next = lines.slice(index + 1).find(({ kind }) => kind !== 'unread' && kind !== 'remark');
  return next?.kind === 'ingredient';
}

const YIELD =
  /^\(?(?:makes?|yields?|yield is|serves|servings?|portions?|gives|enough for|quantity)\b ?:? ?(?:about |approx(?:imately)?\.? |around |roughly |up to |~ ?)?/i;
const SERVES = /\bserves (?:about )?/i;
const COUNTED_YIELD = /serving|portion|people|person|tin\b|pan\b|tray|mou?ld|loaf|ring/i;
const YIELD_AFTER = /^(?:servings?|portions?|people|persons)\b/i;
const TIN =
  /^(?:one|an?|two|1|2) (?:\d|round|square|loaf).{0,40}\b(?:tin|pan|tray|mould|mold|loaf|ring)s?\b(?:,.{0,40})?\.?$/i;
/** "For 12 buns". */
const FOR_COUNT =
  /^for (?:about )?(?=(?:\d{1,3}|one|two|three|four|six|eight|twelve) [a-z]+(?: [a-z]+)?$)/i;
const BOLD = /^\s*(?:\*\*|__)[^*_]+(?:\*\*|__):?\s*$/;
const MARKDOWN_HEADING = /^#{1,6} +/;
const FOR_HEADING = /^for (?:the )?[a-z][a-z' -]{1,40}:?$/i;
/** A line longer than this is never a heading or a yield. */
const LONGEST_HEADING = 80;
const FEWEST_SENTENCE_WORDS = 6;
const SHORTEST_STORY = 70;

const bareText = (text: string): string =>
  text
    .replace(MARKDOWN_HEADING, '')
    .replace(/^[*_]+|[*_:]+$/g, '')
    .replace(/:[*_]+$/, '')
    .trim();

/** The yield on a line, or null: "Makes 18 buns", "Serves 8 to 10", "one 23 cm tin". */
export function readYield(written: string, line: CleanLine): Omit<Yield, 'isEnglish'> | null {
  // "Zutaten für 12 Stück" heads the list, and says what it makes.
  const text = line.text.replace(/^ingredients? (?=for )/i, '');
  if (text.length > LONGEST_HEADING) return null;
  // Every ingredient comes by here: a number before anything but servings or a tin is none.
  if (/^\d/.test(text) && !COUNTED_YIELD.test(text)) return null;
  const intro = YIELD.exec(text);
  if (intro) {
    const found = readAmount(text, intro[0].length);
    if (!found) return /:/.test(intro[0]) ? { written, count: null, noun: '' } : null;
    const noun = text
      .slice(intro[0].length + found.length)
      .replace(/[.)]+$/, '')
      .trim();
    const isServed = noun === '' && SERVES.test(text);
    return { written, count: found.amount, noun: isServed ? 'servings' : noun };
  }
  // "For a 23 cm round tin" says the same as "one 23 cm round tin".
  const tin = text.replace(/^for /i, '');
  if (TIN.test(tin)) {
    // "One 20 cm tin, serves 8": servings can be scaled, a tin only repeated.
    const servings = SERVES.exec(tin);
    const served = servings && readAmount(tin, servings.index + servings[0].length);
    if (served) return { written, count: served.amount, noun: 'servings' };
    const found = readAmount(tin);
    const noun = tin
      .slice(found?.length ?? 0)
      .replace(/\.$/, '')
      .trim();
    return { written, count: found?.amount ?? null, noun };
  }
  const batch = FOR_COUNT.exec(text);
  if (batch) {
    const found = readAmount(text, batch[0].length)!;
    return {
      written,
      count: found.amount,
      noun: text.slice(batch[0].length + found.length).trim(),
    };
  }
  const count = readAmount(text);
  if (count && YIELD_AFTER.test(text.slice(count.length).trim())) {
    return { written, count: count.amount, noun: text.slice(count.length).trim() };
  }
  return null;
}

/**
 * Whether a line is said of the recipe or of the page that it stands on, and is none of it: notes,
 * figures of nutrition, ratings, buttons.
 */
export const isRemark = ({ text }: CleanLine): boolean =>
  [REMARK_LABEL, REMARK, BYLINE, BUTTONS, COUNTED_ON_PAGE].some((sign) => sign.test(text));

/** Whether a line among the ingredients is prose of somebody about themselves, and no step. */
export const isStory = ({ text }: CleanLine): boolean =>
  text.length >= SHORTEST_STORY && STORY.test(text) && !TELLS_STEP.test(text);

/** Whether a line heads remarks: what follows is none of the recipe, until another heading. */
export const headsRemarks = ({ text }: CleanLine): boolean =>
  text.length <= LONGEST_HEADING && ASIDE_HEADINGS.test(bareText(text));

/** Whether the line heads a part of the recipe, and whether steps follow it. */
export function headingOf(line: CleanLine): 'method' | 'part' | null {
  const { text } = line;
  if (text.length > LONGEST_HEADING || /^\d/.test(text)) return null;
  const bare = bareText(text);
  if (METHOD_HEADINGS.test(bare)) return 'method';
  if (MARKDOWN_HEADING.test(text) || HEADINGS.has(bare.toLowerCase())) return 'part';
  if (readAmount(text)) return null;
  if (/:[*_]*$/.test(text) || FOR_HEADING.test(text)) return 'part';
  const words = bare.split(' ');
  return bare.length > 3 &&
    !/\d/.test(bare) &&
    words.length <= 6 &&
    bare === bare.toUpperCase() &&
    /[A-Z]{3}/.test(bare)
    ? 'part'
    : null;
}

/** A few words that end in a part of a recipe, or stand in bold: a heading, where nothing else. */
export function isPart(written: string, line: CleanLine): boolean {
  if (BOLD.test(written) || /^(?:day|part|stage) \d+$/i.test(line.text)) return true;
  const bare = line.text.replace(/ ?\(.*\)$/, '').toLowerCase();
  const words = bare.split(' ');
  return words.length <= 4 && !/\d/.test(bare) && PART_WORDS.has(words.at(-1)!);
}

/** Whether the line is an instruction: it opens with a verb, or is a sentence. */
export function isStep(line: CleanLine): boolean {
  const words = line.text
    .toLowerCase()
    .split(/[^a-z']+/)
    .filter((word) => word !== '');
  const [first, second] = words;
  if (first === undefined) return false;
  if (IMPERATIVE.test(line.text)) return true;
  if (words.length >= 3 && STEP_VERBS.has(first)) return true;
  if (words.length === 2 && STEP_VERBS.has(first) && /\d/.test(line.text)) return true;
  if (words.length >= 2 && STEP_VERBS.has(first) && /[.!]$/.test(line.text)) return true;
  if (
    /^(?:oven|prep|preparation|cooking|baking|total|resting|proving)\b.*(?:\d|°)/i.test(line.text)
  ) {
    return true;
  }
  if (words.length >= FEWEST_SENTENCE_WORDS && /[.!;]$/.test(line.text)) return true;
  return (
    second !== undefined &&
    words.length >= FEWEST_SENTENCE_WORDS &&
    STEP_OPENERS.has(first) &&
    words.some((word) => STEP_VERBS.has(word))
  );
}

/** The text of a title line, without Markdown marks. */
export function titleOf(line: CleanLine): string {
  return bareText(line.text);
}

/** A line that is only marks, such as a ruler of dashes. */
export function isRuler(line: CleanLine): boolean {
  return !/[\p{L}\p{N}]/u.test(line.text);
}

/** A line that begins with a number and speaks of units is a measure, read or not. */
export function isMeasure(line: CleanLine): boolean {
  if (!/^\d/.test(line.text)) return false;
  const amount = readAmount(line.text);
  if (amount && NOT_AN_AMOUNT.test(line.text.slice(amount.length).trimStart())) return true;
  return line.text
    .toLowerCase()
    .split(/[^a-z]+/)
    .some((word) => word.length > 1 && UNIT_WORDS[word] !== undefined);
}
