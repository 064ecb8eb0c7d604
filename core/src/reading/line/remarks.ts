import type { LineParts, ReadingContext } from './line-parts.js';
import type { ReadingNote } from '../note.js';
import { placeNamed, type Place } from '../vocabulary/index.js';
import { isRemarkWord, readPhrase, remarkWords, type NamePhrase } from './phrase.js';
import { readQuantity, weightIn } from '../amounts/index.js';

/** A weight in brackets behind the name. Of containers it is the weight of each. */
export function weightInBrackets({
  quantity,
  remarks,
}: Pick<LineParts, 'quantity' | 'remarks'>): number | null {
  if (!/[([]/.test(remarks)) return null;
  for (const bracket of remarks.matchAll(/[([]([^)\]]{1,60})[)\]]/g)) {
    const weight = weightIn(bracket[1]!);
    if (!weight) continue;
    const pieces = weight.each || quantity?.container ? (quantity?.amount.min.valueOf() ?? 1) : 1;
    return weight.grams * pieces;
  }
  return null;
}

/** What a further amount may stand behind: "plus 2 tbsp", ", 1 cup moon dust", "less 1 tbsp". */
const MORE = /(?:\b(?:plus|less|minus|and|with|in)\b|[+&,;]) ?(?=[\d.]|an? |one |two |half )/gi;
const MORE_OF_IT = /^(?:plus|\+|less|minus)/i;
const EXTRA = /\b(?:plus|and|with) (?:a (?:little|few|bit) |some )?(?:extra|more)\b.*/i;
const OPTIONAL = /\b(?:optional|if you like|if liked|if desired|if wished)\b/i;
/** "milk (or water)", "milk, or water as needed". */
const OR_IN_TAIL = /^ ?[,(] ?or ((?!as |to |more|less|so\b|until|enough)[a-z][^,;()]{2,40})/i;

/** "pecans, walnuts or almonds": what may stand instead, where both are known. */
const TWO_MORE = /^, ?([a-z][a-z' -]{2,30}?),? or ([a-z][a-z' -]{2,30}?)(?=,|$)/i;

function furtherTwo({ tail }: NamePhrase, { shelf }: ReadingContext): string | null {
  const [, first, second] = TWO_MORE.exec(tail) ?? [];
  if (first === undefined || second === undefined) return null;
  const isKnown = (words: string): boolean => readPhrase(words, 0, shelf.findName).name !== null;
  return isKnown(first) && isKnown(second) ? `${first} or ${second}` : null;
}

/**
 * What stands on the line and became no part of it: more of the same ("plus 2 tbsp"), an amount of
 * something unknown, a name that could not be divided from the first. Nothing of it goes unsaid.
 */
function leftOver(phrase: NamePhrase, { standard, shelf }: ReadingContext): string | null {
  const { tail, before, name, second } = phrase;
  if (second !== null) return second;
  if (before.includes('each') && /^[,;] ?\S/.test(tail)) return tail.slice(1).trim();
  for (const more of tail.matchAll(MORE)) {
    const rest = tail.slice(more.index + more[0].length);
    const quantity = readQuantity(rest, 0, standard);
    if (!quantity) continue;
    if (MORE_OF_IT.test(more[0])) return tail.slice(more.index).trim();
    if (quantity.unit === null) continue;
    const other = readPhrase(rest.slice(quantity.end), quantity.end, shelf.findName);
    const isSame = other.name !== null && other.name.ingredientId === name?.ingredientId;
    if (!isSame && remarkWords(other.text).some((word) => !isRemarkWord(word))) return rest;
  }
  return null;
}

/** What is said of the rest of it: "divided", "plus more for the pan" are not of the whole. */
const ONLY_SOME =
  /\b(?:divided|plus|extra|more|additional|rest|remaining|reserved|half|some|and|&)\b|[+(]|\d/i;

/** Where a line says that all of it goes, outside the dough; null where it does not. */
export function placeOf(text: string, { tail }: NamePhrase): Place | null {
  const named = placeNamed(tail);
  if (named) return ONLY_SOME.test(tail.slice(0, named.at)) ? null : named.place;
  // "For dusting: icing sugar"
  const label = /^[^:]{4,30}(?=:)/.exec(text)?.[0];
  return (label === undefined ? null : placeNamed(label)?.place) ?? null;
}

/** What the words around the ingredient leave open: alternatives, extras, options. */
export function remarkNotes(
  text: string,
  phrase: NamePhrase,
  context: ReadingContext,
): ReadingNote[] {
  const notes: ReadingNote[] = [];
  if (OPTIONAL.test(text)) notes.push({ code: 'optional' });
  if (phrase.tail === '' && !phrase.alternative && !phrase.second) return notes;
  const alternative =
    phrase.alternative ?? OR_IN_TAIL.exec(phrase.tail)?.[1] ?? furtherTwo(phrase, context);
  if (alternative) notes.push({ code: 'alternative', words: alternative.trim() });
  const extra = EXTRA.exec(text);
  const left = extra ? extra[0] : leftOver(phrase, context);
  if (left) notes.push({ code: 'extra', words: left.trim() });
  return notes;
}
