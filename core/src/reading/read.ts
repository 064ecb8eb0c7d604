import { withoutVarieties, type Shelf } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';
import { clean, type CleanLine } from './clean.js';
import { contextIn, readIngredientLine } from './line/index.js';
import { languageOf, translate, type Language } from './languages/index.js';
import { bareLine, type Line, type Reading, type Yield } from './line.js';
import { otherSpellings, withoutSlips } from './scanned.js';
import {
  headingOf,
  headsIngredients,
  isMeasure,
  isPart,
  isRuler,
  isStep,
  readYield,
  titleOf,
} from './structure/index.js';

/** A line longer than this many characters is prose, and is not searched for amounts. */
const LONGEST_INGREDIENT = 400;

type Section = 'ingredients' | 'method';

interface Classified {
  readonly line: Line;
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
  if (written.length > LONGEST_INGREDIENT) return as(bareLine(written, 'step'));
  const plain = withoutSlips(clean(written));
  const line = language ? translate(plain, language, shelf) : plain;
  const found = readYield(written, line);
  if (found) {
    return as(bareLine(written, 'yield'), section, { ...found, isEnglish: language === null });
  }
  const heading = headingOf(line);
  if (heading) {
    return as(bareLine(written, 'heading'), heading === 'method' ? 'method' : 'ingredients');
  }
  if (section === 'method') return as(bareLine(written, isRuler(line) ? 'unread' : 'step'));
  const ingredient = readBySpelling(written, line, place);
  if (ingredient && !isFirst && isNameAlone(ingredient) && isOftenMade(ingredient, shelf)) {
    return { ...as(bareLine(written, 'heading')), else: ingredient };
  }
  if (ingredient) return as(ingredient);
  // A first line of a few words is the recipe's name: "Lean sponge".
  if (!isFirst && isPart(written, line)) return as(bareLine(written, 'heading'));
  return as(bareLine(written, isStep(line) ? 'step' : 'unread'));
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
  return asWritten;
}

const isNothingKnown = ({ ingredientId, stated }: Line): boolean =>
  ingredientId === null && stated === null;

/** "GINGER COOKIES", but not "INGREDIENTS" or "FOR THE DOUGH:". */
const isShouted = (text: string): boolean =>
  text === text.toUpperCase() &&
  !text.endsWith(':') &&
  !/^(?:INGREDIENTS?|METHOD|DIRECTIONS?|INSTRUCTIONS?|FOR )/.test(text);

/** A name with no amount, nor anything else that a list says of an ingredient. */
const isNameAlone = ({ amount, stated, written, notes }: Line): boolean =>
  amount === null &&
  stated === null &&
  /^[^,;:()\d]{3,60}$/.test(written.trim()) &&
  !notes.some(({ code }) => code === 'optional') &&
  !/\bto taste\b|\bas needed\b|\bfor (?:the|dusting|greasing|sprinkling|serving)\b/i.test(written);

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
    } else {
      if (classified.else) maybeHeadings.push([lines.length, classified.else]);
      lines.push(classified.line);
      section = classified.section;
      yields ??= classified.yields;
    }
    isFirst = false;
  }
  for (const [at, ingredient] of maybeHeadings) {
    if (!headsIngredients({ lines }, at)) lines[at] = ingredient;
  }
  return { title, yield: yields, standard, language: language?.id ?? 'english', lines };
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

/** Reads one line by itself, as an ingredient list would hold it. */
export function readLine(written: string, standard: Standard, shelf: Shelf): Line {
  const language = languageOf(written, shelf);
  return classify(written, { standard, shelf, section: 'ingredients', isFirst: false, language })
    .line;
}
