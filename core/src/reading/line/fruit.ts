import { wordsOf } from '../../catalogue/index.js';
import type { LineParts, ReadingContext } from './line-parts.js';
import { readPhrase, remarkWords } from './phrase.js';
import { readQuantity } from '../amounts/index.js';
import { DESCRIBING_WORDS, table } from '../vocabulary/index.js';

const PART_OF =
  /^(?:the )?(?:(?:finely|freshly|coarsely) )?(?:grated |squeezed |pared )?(juice|zest|rind|peel|whites?|yolks?)(?: only)?(?:(?: and|,| &) (?:(?:finely |freshly |coarsely )?(?:grated |squeezed )?)(juice|zest|rind|peel))? (?:of |from |(?=\d|half|one |two ))/i;

/** "Zest of 2 lemons, juice of 1". */
const ALSO = /^[,;] ?(?:and )?((?:(?:finely )?grated )?(?:juice|zest|rind|peel) of .{1,40})/i;

/** What is taken from a fruit, by the word that is written for it. */
const TAKEN: Readonly<Record<string, string>> = table({
  juice: 'juice',
  juiced: 'juice',
  zest: 'zest',
  zested: 'zest',
  rind: 'zest',
  peel: 'zest',
});

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

/** "1 lemon, juiced", "1 orange, zest and juice": the fruit, and what is taken from it. */
export function takenFromWhole(found: LineParts, { shelf }: ReadingContext): LineParts {
  const { quantity, phrase } = found;
  if (!quantity || (quantity.unit !== null && quantity.unit !== 'each')) return found;
  const words = phrase.name ? wordsOf(phrase.text) : phrase.before;
  const fruit = words.filter((word) => !DESCRIBING_WORDS.has(word)).at(-1);
  const taken = remarkWords(phrase.tail).flatMap((word) => TAKEN[word] ?? []);
  if (fruit === undefined || taken.length === 0) return found;
  const name = shelf.findName([fruit, taken[0]!]);
  if (!name || name.end - name.start < 2) return found;
  const second = taken.find((part) => part !== taken[0]) ?? null;
  return { ...found, phrase: { ...phrase, name, second }, byFruit: true };
}
