import type { Shelf } from '../catalogue/index.js';
import { readRecipe } from '../reading/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import type { PageLine, PageWord } from './page.js';
import { heightOf } from './picture.js';
import { readingOrder } from './reading-order.js';

/** A page of a document that holds its own text: pieces of it, where they stand. */
export interface DocumentPage {
  readonly height: number;
  readonly words: readonly PageWord[];
}

/** A line of a document, by its text and the height of its letters. */
interface DocumentLine {
  readonly text: string;
  readonly letters: number;
  readonly isApart: boolean;
}

/** Pieces closer than this, in heights of a letter, are parts of one word. */
const JOINED = 0.12;
/** What stands in the outermost share of a page at its top and foot may be a running head. */
const EDGE = 0.09;
/** A running head is on at least so many pages. */
const FEWEST_PAGES = 3;
/** A title's letters are so much higher than those of most lines. */
const TITLE = 1.25;
/** A recipe has at least so many ingredients with an amount. */
const FEWEST_INGREDIENTS = 2;

function joined(words: readonly PageWord[]): string {
  let text = '';
  let end: number | null = null;
  for (const { text: piece, box } of words) {
    const isNext = end !== null && box.left - end > heightOf(box) * JOINED;
    text += isNext ? ` ${piece}` : piece;
    end = box.right;
  }
  return text.replace(/\s+/g, ' ').trim();
}

/** What of a line is the same on every page: "Page 12 · Winter" without its figures. */
const withoutFigures = (text: string): string => text.replace(/\d+/g, '').trim();

const isAtEdge = ({ box }: PageLine, { height }: DocumentPage): boolean =>
  box.bottom < height * EDGE || box.top > height * (1 - EDGE);

/** The lines of all pages, without page numbers and what stands at the edge of page after page. */
function linesOf(pages: readonly DocumentPage[], shelf: Shelf): DocumentLine[] {
  const laidOut = pages.map((page) => readingOrder(page.words, shelf));
  const seen = new Map<string, number>();
  for (const [at, lines] of laidOut.entries()) {
    const edges = lines.filter((line) => isAtEdge(line, pages[at]!));
    for (const text of new Set(edges.map(({ words }) => withoutFigures(joined(words))))) {
      seen.set(text, (seen.get(text) ?? 0) + 1);
    }
  }
  return laidOut.flatMap((lines, at) =>
    lines
      .filter((line) => {
        if (!isAtEdge(line, pages[at]!)) return true;
        const text = withoutFigures(joined(line.words));
        return text !== '' && seen.get(text)! < FEWEST_PAGES;
      })
      .map((line, index) => ({
        text: joined(line.words),
        letters: Math.max(...line.words.map(({ box }) => heightOf(box))),
        isApart: line.isApart || (index === 0 && at > 0),
      })),
  );
}

const textOf = (lines: readonly DocumentLine[]): string =>
  lines.map(({ text, isApart }, at) => (isApart && at > 0 ? `\n${text}` : text)).join('\n');

function countIngredients(lines: readonly DocumentLine[], shelf: Shelf): number {
  const reading = readRecipe(textOf(lines), USUAL_STANDARD, shelf);
  return reading.lines.filter((line) => line.ingredientId !== null && line.amount !== null).length;
}

/**
 * The recipes of a document, as texts: cut at titles in larger letters where what is above and what
 * is below both list ingredients. One text where it is one recipe; none where there is no line.
 */
export function recipesOfDocument(pages: readonly DocumentPage[], shelf: Shelf): string[] {
  const lines = linesOf(pages, shelf).filter(({ text }) => text !== '');
  const letters = lines.map((line) => line.letters).sort((a, b) => a - b);
  const usual = letters[letters.length >> 1] ?? 0;
  const largest = letters.at(-1) ?? 0;
  // Headings within a recipe are larger than its text, but not as large as its title.
  const least = Math.max(usual * TITLE, largest / TITLE);
  const parts: DocumentLine[][] = [];
  for (const [at, line] of lines.entries()) {
    const isTitle = line.letters >= least && (lines[at - 1]?.letters ?? 0) < least;
    if (isTitle || parts.length === 0) parts.push([line]);
    else parts.at(-1)!.push(line);
  }
  const recipes: DocumentLine[][] = [];
  for (const part of parts) {
    const before = recipes.at(-1);
    const isRecipe = countIngredients(part, shelf) >= FEWEST_INGREDIENTS;
    const isAfterRecipe = before && countIngredients(before, shelf) >= FEWEST_INGREDIENTS;
    // A chapter's title and its story go with the recipe below; notes with the one above.
    if (before && !(isRecipe && isAfterRecipe)) before.push(...part);
    else recipes.push([...part]);
  }
  return recipes.map(textOf);
}
