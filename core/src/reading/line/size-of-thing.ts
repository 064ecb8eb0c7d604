import { Fraction, exactly } from '../../amount/index.js';
import type { LineParts, ReadingContext } from './line-parts.js';
import { readPhrase } from './phrase.js';
import { PLAIN_QUANTITY, type Quantity } from '../amounts/index.js';
import { SIZES_OF_THINGS } from '../vocabulary/index.js';

/** "Butter the size of an egg". */
const SIZE_OF =
  /[, ](?:about )?(?:the )?size of (?:an? |one )?((?:large |small |good )?(?:hen['’]?s )?([a-z]+))\b/i;

/** "Butter the size of an egg": a spoonful or so, by what the thing is like. */
export function sizeOfThing(text: string, { shelf }: ReadingContext): LineParts | null {
  const size = text.includes('size of') ? SIZE_OF.exec(text) : null;
  const tablespoons = size ? SIZES_OF_THINGS[size[2]!.toLowerCase()] : undefined;
  if (!size || tablespoons === undefined) return null;
  const start = /^(?:an? |one |1 )?(?:(?:piece|lump|knob|bit)s? of )?/i.exec(text)![0].length;
  const phrase = readPhrase(text.slice(start, size.index), start, shelf.findName);
  if (!phrase.name) return null;
  const from = size.index + 1;
  const end = size.index + size[0].length;
  const quantity: Quantity = {
    ...PLAIN_QUANTITY,
    amount: exactly(new Fraction(tablespoons)),
    unit: 'tbsp',
    household: size[1]!.toLowerCase(),
    amountAt: [from, end],
    end,
    byArticle: true,
  };
  return { quantity, phrase, remarks: text.slice(end), byFruit: false };
}
