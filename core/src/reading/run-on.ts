import type { CleanLine } from './clean.js';
import { partsIn, type PartWords, type ReadingContext } from './line/index.js';

/** A recipe written as one paragraph: its ingredients one after another, then what is done. */
export interface RunOn {
  /** The words of each ingredient, in the whole paragraph. */
  readonly parts: readonly PartWords[];
  /** Where what is done begins, and where it ends. */
  readonly steps: readonly [start: number, end: number];
}

/** What stands at the head of the list, where the paragraph says that it is one. */
const LIST_HEAD = /^.{0,60}?\b(?:ingredients|you will need|take) ?:? /i;
/** Where the doing begins: a word for it, or the first sentence behind the list. */
const METHOD_HEAD = /[.;] (?:method|directions|instructions|steps|preparation|to make) ?: ?/i;
const SENTENCE = /[.;] (?=[A-ZÄÖÜÉ]\p{Ll}+ )/u;

/** A line of one or two ingredients with a sentence behind them is that, and no recipe. */
const FEWEST_INGREDIENTS = 3;
/** A list of more characters is no paragraph; every joint in it is looked at. */
const LONGEST_LIST = 600;
/** Three ingredients and a sentence are longer. */
const SHORTEST = 50;

/**
 * A paragraph that is a whole recipe, "2 cups flour, 1 cup sugar, 2 eggs. Mix and bake.", taken apart;
 * null for any other line.
 */
export function runOnIn({ text }: CleanLine, context: ReadingContext): RunOn | null {
  if (text.length < SHORTEST || !/\d/.test(text)) return null;
  // "Cookies. Ingredients: …": the first stop is that of the title.
  const head = LIST_HEAD.exec(text)?.[0].length ?? 0;
  const rest = text.slice(head);
  const end = METHOD_HEAD.exec(rest) ?? SENTENCE.exec(rest);
  if (!end || end.index > LONGEST_LIST) return null;
  const parts = partsIn(rest.slice(0, end.index), context);
  if (parts.length < FEWEST_INGREDIENTS) return null;
  return {
    parts: parts.map((words) => words.map(([from, to]) => [from + head, to + head])),
    steps: [head + end.index + end[0].length, text.length],
  };
}
