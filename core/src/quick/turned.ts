import { isFilledByOne } from './any-order.js';
import { unitIn } from './measure-words.js';
import type { QuickKitchen } from './quick-kitchen.js';
import type { QuestionParts } from './question.js';

/** "grams 2 tbsp chia": a unit before an amount is what it is wanted in. */
export function unitLast(parts: QuestionParts, kitchen: QuickKitchen): QuestionParts {
  const [, unit, of] = /^([a-z]+) ((?:\d|[½¼¾⅓⅔⅛]).*)$/i.exec(parts.of) ?? [];
  const isUnit = parts.into === null && unit !== undefined && unitIn(unit, kitchen) !== null;
  return isUnit && of !== undefined ? { ...parts, of, into: unit } : parts;
}

/** "grams in 1 cup butter", "cups in a pint": the unit stands first. */
export function turned(
  { of, into, link, isOfOne }: QuestionParts,
  kitchen: QuickKitchen,
): QuestionParts {
  const isUnitFirst = into !== null && unitIn(of, kitchen) !== null;
  // "cups to grams flour", but "gram in tsp salt": one of what is filled.
  const [, unit, matter] = (isUnitFirst && !isOfOne && /^(\S+) (.+)$/.exec(into)) || [];
  if (unit && matter && unitIn(unit, kitchen)) {
    const [first, second] = isFilledByOne(of, kitchen) ? [of, unit] : [unit, of];
    return { of: `1 ${first} ${matter}`, into: second, isOfOne };
  }
  // "cups of flour in a kilo"
  const [, wanted, name] = (isOfOne && /^(\S+) (?:of )?(.+)$/.exec(of)) || [];
  if (into !== null && wanted && name && unitIn(into, kitchen) && unitIn(wanted, kitchen)) {
    return { of: `1 ${into} ${name}`, into: wanted, isOfOne };
  }
  const isAmountBehind = into !== null && /^(?:\d|[½¼¾⅓⅔⅛]|half |quarter )/.test(into);
  return isUnitFirst && (isAmountBehind || isOfOne)
    ? { of: isAmountBehind ? into : `1 ${into}`, into: of, isOfOne }
    : { of, into, isOfOne, ...(link !== undefined && { link }) };
}
