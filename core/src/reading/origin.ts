import type { Shelf } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';
import { languageOf, wordsIn } from './languages/index.js';
import { ORIGIN_SIGNS, type Manner } from './vocabulary/index.js';

/** Where a recipe seems to come from, and by which words. */
export interface Origin {
  readonly standard: Standard;
  /** As they stand in the text, each once, in its order. */
  readonly signs: readonly string[];
}

/** A guess needs at least this much evidence, and this much more than for anywhere else. */
const ENOUGH = 2;
const AHEAD = 2;
/** Longer texts are not searched further: their origin shows long before. */
const LONGEST_SEARCHED = 20_000;

/** As many foreign words as show the language. */
const MOST_SIGNS = 4;

const STANDARDS: Readonly<Record<Manner, Standard>> = {
  american: 'us-customary',
  british: 'british',
  australian: 'australian',
  imperial: 'imperial',
  japanese: 'japanese',
};

const CUPS = /\b(?:\d|[½⅓¼¾⅔]) ?cups?\b/gi;
const METRIC = /\d ?(?:g|kg|ml)\b/gi;

interface OriginSign {
  readonly words: string;
  readonly at: number;
  readonly manner: Manner;
  readonly weight: number;
}

function signsIn(text: string): readonly OriginSign[] {
  return ORIGIN_SIGNS.flatMap(({ sign, manner, weight }) => {
    const match = sign.exec(text);
    return match ? [{ words: match[0].trim(), at: match.index, manner, weight }] : [];
  });
}

/**
 * The likely measure standard of a recipe by its words: sticks, °F and all-purpose flour are
 * American; caster sugar, plain flour and gas marks British; the same words with cups instead of
 * grams Australian. Null when the text says too little, or contradicts itself.
 *
 * @example
 * originOf('2 sticks butter\nBake at 350 °F', shelf) // us-customary, by "sticks butter" and "350 °F"
 */
export function originOf(text: string, shelf: Shelf): Origin | null {
  const searched = text.slice(0, LONGEST_SEARCHED);
  const language = languageOf(searched, shelf);
  // Cups and spoons of a metric country, whatever its language.
  if (language)
    return { standard: 'metric', signs: wordsIn(searched, language, shelf).slice(0, MOST_SIGNS) };
  const found = signsIn(searched);
  const scores = new Map<Manner, number>();
  for (const { manner, weight } of found) scores.set(manner, (scores.get(manner) ?? 0) + weight);
  // An Australian recipe is written in British words.
  const measures = searched.match(CUPS)?.length ?? 0;
  const weighs = searched.match(METRIC)?.length ?? 0;
  const british = scores.get('british') ?? 0;
  const isAustralian =
    british > 0 && (scores.has('australian') || (measures >= 2 && measures > weighs));
  if (isAustralian) {
    scores.set('australian', (scores.get('australian') ?? 0) + british);
    scores.delete('british');
  }
  const [first, second] = [...scores].sort(([, a], [, b]) => b - a);
  if (!first || first[1] < ENOUGH || first[1] - (second?.[1] ?? 0) < AHEAD) return null;
  const [manner] = first;
  const signs = found
    .filter((sign) => sign.manner === manner || (isAustralian && sign.manner === 'british'))
    .sort((a, b) => a.at - b.at)
    .map(({ words }) => words);
  return { standard: STANDARDS[manner], signs: [...new Set(signs)] };
}
