import { wordsOf } from '../../catalogue/index.js';
import type { LineParts, PartWords, ReadingContext } from './line-parts.js';
import { readPhrase, remarkWords } from './phrase.js';
import { readQuantity } from '../amounts/index.js';
import { DESCRIBING_WORDS, TAKEN_FROM_FRUIT } from '../vocabulary/index.js';

const PART_OF =
  /^(?:the )?(?:(?:finely|freshly|coarsely) )?(?:grated |squeezed |pared )?(juice|zest|rind|peel|whites?|yolks?)(?: only)?(?:(?: and|,| &) (?:(?:finely |freshly |coarsely )?(?:grated |squeezed )?)(juice|zest|rind|peel))? (?:of |from |(?=\d|half|one |two ))/di;

/** "Zest of 2 lemons, juice of 1". */
const ALSO = /^[,;] ?(?:and )?((?:(?:finely )?grated )?(?:juice|zest|rind|peel) of .{1,40})/i;

/** "Juice of 1 lemon", "whites of 3 eggs": a part, counted by the whole it comes from. */
export function partOfWhole(text: string, { standard, shelf }: ReadingContext): LineParts | null {
  const part = PART_OF.exec(text);
  if (!part) return null;
  const quantity = readQuantity(text, part[0].length, standard);
  if (!quantity || (quantity.unit !== null && quantity.unit !== 'each')) return null;
  const phrase = readPhrase(text.slice(quantity.end), quantity.end, shelf.findName);
  const whole = wordsOf(phrase.text).filter((one) => !DESCRIBING_WORDS.has(one));
  const word = part[1]!.toLowerCase();
  const name = shelf.findName([...whole.slice(-1), ...wordsOf(word)]);
  const isKnown = name !== null && name.end - name.start === 2;
  return {
    quantity,
    phrase: {
      ...phrase,
      name: isKnown ? name : null,
      text: isKnown ? phrase.text : `${phrase.text} ${word}`,
      second: part[2] ?? ALSO.exec(phrase.tail)?.[1] ?? null,
    },
    remarks: phrase.tail,
    byFruit: !/white|yolk/.test(word),
  };
}

const NOTHING: readonly PartWords[] = [];

/** "Zest and juice of 2 lemons": what stands behind the two goes for both. */
function bothOf(text: string): readonly PartWords[] {
  const { indices } = PART_OF.exec(text) ?? {};
  const [first, second] = [indices?.[1], indices?.[2]];
  if (!first || !second) return NOTHING;
  const shared = [second[1] + 1, text.length] as const;
  return [[[0, first[1]], shared], [[second[0], text.length]]];
}

/** "Zest of 2 lemons, juice of 1": the fruit is named once. */
function alsoOf(text: string, context: ReadingContext): readonly PartWords[] {
  const phrase = partOfWhole(text, context)?.phrase;
  const also = phrase && ALSO.exec(phrase.tail)?.[1];
  if (!also || !phrase.nameAt) return NOTHING;
  const at = text.indexOf(also);
  const isNamed = partOfWhole(also, context)?.phrase.name;
  const own = [at, text.length] as const;
  return [[[0, text.length - phrase.tail.length]], isNamed ? [own] : [own, phrase.nameAt]];
}

/** "1 orange, zest and juice": the fruit goes for both. */
function bothFrom(text: string, context: ReadingContext): readonly PartWords[] {
  const comma = text.search(/[,(]/);
  const quantity = comma < 0 ? null : readQuantity(text, 0, context.standard);
  if (!quantity || quantity.end > comma) return NOTHING;
  const phrase = readPhrase(text.slice(quantity.end), quantity.end, context.shelf.findName);
  const found = { quantity, phrase, remarks: phrase.tail, byFruit: false };
  if (takenFromWhole(found, context).phrase.second === null) return NOTHING;
  const taken = [...text.slice(comma).matchAll(WORD)].filter(
    ([word]) => TAKEN_FROM_FRUIT[word.toLowerCase()],
  );
  const [first, second] = taken.map(({ index, 0: word }): PartWords[number] => [
    comma + index,
    comma + index + word.length,
  ]);
  // A comma belongs to how the fruit is read, a bracket would stand open.
  const until = text[comma] === ',' ? comma + 1 : text.slice(0, comma).trimEnd().length;
  const fruit = [0, until] as const;
  return first && second
    ? [
        [fruit, first],
        [fruit, second],
      ]
    : NOTHING;
}
const WORD = /[a-z]+/gi;

/** "Zest of 1 lemon + 2 tbsp juice": the second is taken from the fruit of the first. */
export function takenFromSame(
  before: string,
  own: string,
  context: ReadingContext,
): { readonly fruit: PartWords[number]; readonly at: number } | null {
  const fruit = partOfWhole(before, context)?.phrase.nameAt;
  const quantity = fruit && readQuantity(own, 0, context.standard);
  const isTaken = quantity && TAKEN_FROM_FRUIT[own.slice(quantity.end).trim().toLowerCase()];
  return fruit && isTaken ? { fruit, at: quantity.end } : null;
}

/** What is taken from one fruit in two ways, each with the fruit; nothing where it is one way. */
export function takenTogether(text: string, context: ReadingContext): readonly PartWords[] {
  const both = bothOf(text);
  if (both.length > 0) return both;
  const also = alsoOf(text, context);
  return also.length > 0 ? also : bothFrom(text, context);
}

/** "Pears in juice": what they lie in is not taken from them. */
const LIES_IN = /\bin (?:(?:its|their|own|natural|fruit|light) )*juices?\b/gi;

/** "1 lemon, juiced", "1 orange, zest and juice": the fruit, and what is taken from it. */
export function takenFromWhole(found: LineParts, { shelf }: ReadingContext): LineParts {
  const { quantity, phrase } = found;
  if (!quantity || (quantity.unit !== null && quantity.unit !== 'each')) return found;
  const words = phrase.name ? wordsOf(phrase.text) : phrase.before;
  const fruit = words.filter((word) => !DESCRIBING_WORDS.has(word)).at(-1);
  const taken = remarkWords(phrase.tail.replace(LIES_IN, ' ')).flatMap(
    (word) => TAKEN_FROM_FRUIT[word] ?? [],
  );
  if (fruit === undefined || taken.length === 0) return found;
  const name = shelf.findName([fruit, taken[0]!]);
  if (!name || name.end - name.start < 2) return found;
  const second = taken.find((part) => part !== taken[0]) ?? null;
  return { ...found, phrase: { ...phrase, name, second }, byFruit: true };
}
