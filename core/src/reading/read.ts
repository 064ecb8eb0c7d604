import type { Standard } from '../units/index.js';
import { clean } from './clean.js';
import { readIngredientLine } from './ingredient-line.js';
import { bareLine, type Line, type Reading, type Yield } from './line.js';
import { headingOf, isMeasure, isRuler, isStep, readYield, titleOf } from './structure.js';

/** A line longer than this many characters is prose, and is not searched for amounts. */
const LONGEST_INGREDIENT = 400;

type Section = 'ingredients' | 'method';

interface Classified {
  readonly line: Line;
  readonly yields: Yield | null;
  readonly section: Section;
}

function classify(written: string, standard: Standard, section: Section): Classified {
  const as = (line: Line, next: Section = section, yields: Yield | null = null): Classified => ({
    line,
    yields,
    section: next,
  });
  if (written.length > LONGEST_INGREDIENT) return as(bareLine(written, 'step'));
  const line = clean(written);
  const yields = readYield(written, line);
  if (yields) return as(bareLine(written, 'yield'), section, yields);
  const heading = headingOf(line);
  if (heading) {
    return as(bareLine(written, 'heading'), heading === 'method' ? 'method' : 'ingredients');
  }
  if (section === 'method') return as(bareLine(written, isRuler(line) ? 'unread' : 'step'));
  const ingredient = readIngredientLine(written, line, standard);
  if (ingredient) return as(ingredient);
  return as(bareLine(written, isStep(line) ? 'step' : 'unread'));
}

/** Whether a first line is the recipe's name: nothing else could be read from it. */
function isTitle(first: Classified): boolean {
  const { kind, written, notes } = first.line;
  if (/^\s*# /.test(written)) return true;
  const line = clean(written);
  return kind === 'unread' && notes.length === 0 && !isRuler(line) && !isMeasure(line);
}

/**
 * Reads a recipe's text line by line. Every line that is not blank comes back exactly as
 * written, in order, with what was understood of it; a first line from which nothing else
 * could be read is the title and has no entry of its own. Never throws, whatever the text.
 */
export function readRecipe(text: string, standard: Standard = 'us-customary'): Reading {
  const lines: Line[] = [];
  let title: string | null = null;
  let yields: Yield | null = null;
  let section: Section = 'ingredients';
  let isFirst = true;
  for (const written of text.split(/\r\n|\r|\n/)) {
    if (written.trim() === '') continue;
    const classified = classify(written, standard, section);
    if (isFirst && isTitle(classified)) {
      title = titleOf(clean(written));
    } else {
      lines.push(classified.line);
      section = classified.section;
      yields ??= classified.yields;
    }
    isFirst = false;
  }
  return { title, yield: yields, standard, lines };
}

/** Reads one line by itself, as an ingredient list would hold it. */
export function readLine(written: string, standard: Standard = 'us-customary'): Line {
  return classify(written, standard, 'ingredients').line;
}
