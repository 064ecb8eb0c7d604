import { withoutVarieties, type Shelf } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';
import { clean, type CleanLine } from './clean.js';
import { contextIn, partsIn, readIngredientLine, type ReadingContext } from './line/index.js';
import { readParts } from './part-lines.js';
import { runOnIn } from './run-on.js';
import { LANGUAGES, languageOf, translate, type Language } from './languages/index.js';
import { bareLine, type Line, type Reading, type Yield } from './line.js';
import { otherSpellings, withoutSlips } from './scanned.js';
import { withoutTypingSlips, type Respelled } from './typing-slips.js';
import {
  headingOf,
  headsIngredients,
  headsRemarks,
  isMeasure,
  isPart,
  isRemark,
  isRuler,
  isStep,
  isStory,
  readYield,
  titleOf,
} from './structure/index.js';

/** A line longer than this many characters is prose, and is not searched for amounts. */
const LONGEST_INGREDIENT = 400;
/** A recipe that is run on as one paragraph is no longer than this. */
const LONGEST_PARAGRAPH = 2000;

type Section = 'ingredients' | 'method' | 'aside';

interface Classified {
  readonly line: Line;
  /** Its parts, where it names several ingredients. */
  readonly parts?: readonly Line[];
  readonly yields: Yield | null;
  readonly section: Section;
  /** A heading may be this ingredient instead, where it heads nothing: "Custard", at the end of a list. */
  readonly else?: Line;
}

/** What stands around a line, and what it is read with. */
interface LineAt {
  readonly standard: Standard;
  readonly shelf: Shelf;
  readonly section: Section;
  readonly isFirst: boolean;
  /** Null for English. */
  readonly language: Language | null;
}

function classify(written: string, place: LineAt): Classified {
  const { shelf, section, isFirst, language } = place;
  const as = (line: Line, next: Section = section, yields: Yield | null = null): Classified => ({
    line,
    yields,
    section: next,
  });
  if (written.length > LONGEST_PARAGRAPH) return as(bareLine(written, 'step'));
  const plain = withoutSlips(clean(written));
  const line = language ? translate(plain, language, shelf) : plain;
  const paragraph = section === 'method' ? null : paragraphIn(written, line, place);
  if (paragraph) return { ...as(paragraph[0]!), parts: paragraph };
  if (written.length > LONGEST_INGREDIENT) return as(bareLine(written, 'step'));
  if (headsRemarks(plain) && !isFirst) return as(bareLine(written, 'remark'), 'aside');
  if (isRemark(plain)) return as(bareLine(written, 'remark'));
  const found = readYield(written, line);
  if (found) {
    return as(bareLine(written, 'yield'), section, { ...found, isEnglish: language === null });
  }
  const heading = headingOf(line);
  if (heading) {
    return as(bareLine(written, 'heading'), heading === 'method' ? 'method' : 'ingredients');
  }
  if (section === 'aside') return as(bareLine(written, 'remark'));
  if (section === 'ingredients' && isStory(plain)) return as(bareLine(written, 'remark'));
  if (section === 'method') return as(bareLine(written, isRuler(line) ? 'unread' : 'step'));
  const ingredient = readBySpelling(written, line, place);
  if (ingredient && !isFirst && isNameAlone(ingredient) && isOftenMade(ingredient, shelf)) {
    return { ...as(bareLine(written, 'heading')), else: ingredient };
  }
  if (ingredient) return { ...as(ingredient), ...severalIn(written, line, place) };
  // A first line of a few words is the recipe's name: "Lean sponge".
  if (!isFirst && isPart(written, line)) return as(bareLine(written, 'heading'));
  return as(bareLine(written, isStep(line) ? 'step' : 'unread'));
}

/** A recipe that was run on as one paragraph: its ingredients, and its steps as one more part. */
function paragraphIn(written: string, line: CleanLine, place: LineAt): readonly Line[] | null {
  const { language, standard, shelf } = place;
  const found = runOnIn(line, contextIn(language, standard, shelf));
  if (!found) return null;
  const { parts, steps } = found;
  return readParts(written, line, [...parts, [steps]], (own, plain, index) =>
    index < parts.length ? readBySpelling(own, plain, place) : bareLine(own, 'step'),
  );
}

/** The parts of a line that names several ingredients; nothing for a line of one. */
function severalIn(written: string, line: CleanLine, place: LineAt): Pick<Classified, 'parts'> {
  const { language, standard, shelf } = place;
  const parts = partsIn(line.text, contextIn(language, standard, shelf));
  if (parts.length === 0) return {};
  return {
    parts: readParts(written, line, parts, (own, plain) => readBySpelling(own, plain, place)),
  };
}

/** Letters of a line whose ingredient is not known are read again as they may have been meant. */
function readBySpelling(
  written: string,
  line: CleanLine,
  { standard, shelf, language }: Pick<LineAt, 'standard' | 'shelf' | 'language'>,
): Line | null {
  const context = contextIn(language, standard, shelf);
  const asWritten = readIngredientLine(written, line, context);
  if (!asWritten || asWritten.ingredientId !== null || language) return asWritten;
  // A misspelt word must not pass for a variety: there nearly everything would be one.
  const findName = withoutVarieties(shelf.findName);
  const byName = { ...context, shelf: { ...shelf, findName } };
  for (const spelling of otherSpellings(line)) {
    const other = readIngredientLine(written, spelling, byName);
    if (other?.ingredientId) return other;
  }
  if (asWritten.kind !== 'ingredient') return asWritten;
  return readBySlips(written, line, byName) ?? asWritten;
}

/** More ways than these to mend a first slip, and a second one is not looked for. */
const MOST_FIRST_SLIPS = 8;

/** As it was meant, had a thumb slipped once or twice; null where that names nothing, or several things. */
function readBySlips(written: string, line: CleanLine, context: ReadingContext): Line | null {
  const once = [...withoutTypingSlips(line, context.shelf)];
  const named = readRespelled(written, once, context);
  if (named || once.length > MOST_FIRST_SLIPS) return named;
  const twice = once.flatMap((first) =>
    [...withoutTypingSlips(first.line, context.shelf)].map(({ line: meant, slips }) => ({
      line: meant,
      slips: [...first.slips, ...slips],
    })),
  );
  return readRespelled(written, twice, context);
}

function readRespelled(
  written: string,
  ways: readonly Respelled[],
  context: ReadingContext,
): Line | null {
  let found: Line | null = null;
  for (const { line, slips } of ways) {
    const other = readIngredientLine(written, line, context);
    if (!other?.ingredientId || other.ingredientId === found?.ingredientId) continue;
    if (found) return null;
    const told = slips.map((slip) => ({ code: 'spelling', ...slip }) as const);
    found = { ...other, notes: [...told, ...other.notes] };
  }
  return found;
}

const isNothingKnown = ({ ingredientId, stated }: Line): boolean =>
  ingredientId === null && stated === null;

/** "GINGER COOKIES", but not "INGREDIENTS" or "FOR THE DOUGH:". */
const isShouted = (text: string): boolean =>
  text === text.toUpperCase() &&
  !text.endsWith(':') &&
  !/^(?:INGREDIENTS?|METHOD|DIRECTIONS?|INSTRUCTIONS?|FOR )/.test(text);

/** A name with no amount, nor anything else that a list says of an ingredient. */
const isNameAlone = ({ amount, stated, written, place, notes }: Line): boolean =>
  amount === null &&
  place === undefined &&
  stated === null &&
  /^[^,;:()\d]{3,60}$/.test(written.trim()) &&
  !notes.some(({ code }) => code === 'optional') &&
  !/\bto taste\b|\bas needed\b|\bfor the\b/i.test(written);

const isOftenMade = ({ ingredientId }: Line, shelf: Shelf): boolean =>
  ingredientId !== null && shelf.ingredient(ingredientId)?.isOftenMade === true;

/** Whether a first line is the recipe's name: nothing else could be read from it. */
function isTitle(first: Classified, shelf: Shelf): boolean {
  const { kind, written, notes } = first.line;
  if (/^\s*# /.test(written)) return true;
  // "Strawberry jam": a first line of a known name alone is what the recipe makes.
  if (kind === 'ingredient' && isNameAlone(first.line)) return true;
  // "Mango chutney for the cheese board".
  if (kind === 'ingredient' && first.line.amount === null && isOftenMade(first.line, shelf)) {
    return true;
  }
  const line = clean(written);
  // "Half a thought", "Four seed loaf", "Quatre-quarts": a number in words, of nothing that is known.
  if (kind === 'ingredient') return isNothingKnown(first.line) && !/^\d/.test(line.text);
  // In capitals it looks like the name of a part; at the top it is that of the recipe.
  if (kind === 'heading') return isShouted(line.text);
  return kind === 'unread' && notes.length === 0 && !isRuler(line) && !isMeasure(line);
}

/** Lines that were read before, by what their reading depends on. */
type RememberedLine = Map<string, Classified>;

function read(
  text: string,
  standard: Standard,
  shelf: Shelf,
  before: RememberedLine | null,
  now: RememberedLine | null,
): Reading {
  const language = languageOf(text, shelf);
  const lines: Line[] = [];
  const maybeHeadings: (readonly [number, Line])[] = [];
  let title: string | null = null;
  let linesBeforeTitle = 0;
  let yields: Yield | null = null;
  let section: Section = 'ingredients';
  let isFirst = true;
  for (const written of text.split(/\r\n|\r|\n/)) {
    if (written.trim() === '') continue;
    const key: string = `${section} ${isFirst} ${language?.id} ${written}`;
    const classified: Classified =
      before?.get(key) ??
      now?.get(key) ??
      classify(written, { standard, shelf, section, isFirst, language });
    now?.set(key, classified);
    if (isFirst && isTitle(classified, shelf)) {
      title = titleOf(clean(written));
      linesBeforeTitle = lines.length;
    } else {
      if (classified.else) maybeHeadings.push([lines.length, classified.else]);
      lines.push(...(classified.parts ?? [classified.line]));
      section = classified.section;
      yields ??= classified.yields;
    }
    // "Home » Cakes" stands before the name.
    isFirst &&= classified.line.kind === 'remark';
  }
  for (const [at, ingredient] of maybeHeadings) {
    if (!headsIngredients({ lines }, at)) lines[at] = ingredient;
  }
  const id = language?.id ?? 'english';
  return { title, linesBeforeTitle, yield: yields, standard, language: id, lines };
}

/**
 * Reads a recipe's text line by line. Every line that is not blank comes back exactly as
 * written, in order, with what was understood of it; a first line from which nothing else
 * could be read is the title and has no entry of its own. Ingredients are those of `shelf`.
 * Never throws, whatever the text.
 */
export function readRecipe(text: string, standard: Standard, shelf: Shelf): Reading {
  return read(text, standard, shelf, null, null);
}

/**
 * A reader for a text that changes while it is typed: it remembers the lines of the last text,
 * and gives the same objects back for those that have not changed. Reads as `readRecipe` does.
 */
export function createIncrementalReader(): (
  text: string,
  standard: Standard,
  shelf: Shelf,
) => Reading {
  let before: RememberedLine = new Map();
  let by: readonly [Standard, Shelf] | null = null;
  return (text, standard, shelf) => {
    if (by?.[0] !== standard || by[1] !== shelf) before = new Map();
    by = [standard, shelf];
    const now: RememberedLine = new Map();
    const reading = read(text, standard, shelf, before, now);
    before = now;
    return reading;
  };
}

/** Reads one line by itself, as an ingredient list would hold it: the first of its ingredients. */
export function readLine(written: string, standard: Standard, shelf: Shelf): Line {
  return readLineParts(written, standard, shelf)[0]!;
}

/** Reads one line by itself as of this language, whatever its words look like. */
export function readLineAs(
  written: string,
  id: Language['id'],
  standard: Standard,
  shelf: Shelf,
): Line {
  const language = LANGUAGES.find((one) => one.id === id)!;
  const place = { standard, shelf, section: 'ingredients', isFirst: false, language } as const;
  return classify(written, place).line;
}

/** Reads one line by itself: each of its ingredients, or the line where it names no more than one. */
export function readLineParts(written: string, standard: Standard, shelf: Shelf): readonly Line[] {
  const language = languageOf(written, shelf);
  const place = { standard, shelf, section: 'ingredients', isFirst: false, language } as const;
  const { line, parts } = classify(written, place);
  return parts ?? [line];
}
