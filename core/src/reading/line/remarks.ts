import type { LineParts, ReadingContext } from './line-parts.js';
import type { ReadingNote } from '../note.js';
import { readPhrase, remarkWords, type NamePhrase } from './phrase.js';
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

/** "plus 1 yolk", "+ 2 tbsp for the tin": a further amount on the same line. */
const MORE = /(?:\bplus\b|\+|\band\b|\bwith\b|\bin\b|\bless\b|\bminus\b) (.{2,60})$/i;
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

/** What else the line asks for, with its amount: only the first ingredient is counted. */
function moreOf({ tail }: NamePhrase, { standard, shelf }: ReadingContext): ReadingNote | null {
  const more = MORE.exec(tail);
  const quantity = more && readQuantity(more[1]!, 0, standard);
  if (!more || !quantity) return null;
  const rest = more[1]!.slice(quantity.end);
  const { name, text } = readPhrase(rest, quantity.end, shelf.findName);
  if (name) {
    const words = `${more[1]!.slice(0, quantity.end).trim()} ${text}`.trim();
    return { code: 'second-ingredient', words };
  }
  // "With 2 tbsp" may be anything; "plus 2 tbsp" is more of the same, or of something unknown.
  return /^(?:plus|\+|less|minus)/i.test(more[0]) ? { code: 'extra', words: more[0].trim() } : null;
}

/** "1/2 tsp each cinnamon, ginger and cloves": the amount is meant for every one of them. */
function eachOf({ before, tail }: NamePhrase, { shelf }: ReadingContext): string | null {
  if (!before.includes('each') || !/^[,;]/.test(tail)) return null;
  return shelf.findName(remarkWords(tail)) ? tail.slice(1).trim() : null;
}

/** What the words around the ingredient leave open: alternatives, seconds, extras, options. */
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
  const second = phrase.second ?? eachOf(phrase, context);
  if (second) notes.push({ code: 'second-ingredient', words: second.trim() });
  const extra = EXTRA.exec(text);
  const more = second || extra ? null : moreOf(phrase, context);
  if (more) notes.push(more);
  if (extra) notes.push({ code: 'extra', words: extra[0] });
  return notes;
}
