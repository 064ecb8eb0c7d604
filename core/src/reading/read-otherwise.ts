import { Fraction, between } from '../amount/index.js';
import { wordsOf, type Ingredient, type Shelf } from '../catalogue/index.js';
import { defaultMethod, methodsFor } from '../measuring/index.js';
import { isVolumeUnit, type Standard } from '../units/index.js';
import type { Line } from './line.js';
import type { OtherReading } from './note.js';
import { readLine } from './read.js';

/** A name of the ingredient that the shelf takes for nothing else; null where there is none. */
function sureName({ id, name, aliases }: Ingredient, shelf: Shelf): string | null {
  const bare = name.replace(/\s*\(.*\)/, '');
  const bracket = /\((.*)\)/.exec(name)?.[1];
  const names = [bare, ...(bracket ? [`${bracket} ${bare}`] : []), ...aliases];
  return names.find((one) => shelf.findName(wordsOf(one))?.ingredientId === id) ?? null;
}

/** The same line, had its author written the name of this ingredient. */
function readAs(line: Line, ingredient: Ingredient, standard: Standard, shelf: Shelf): Line {
  const span = line.spans.find(({ part }) => part === 'ingredient' || part === 'unknown');
  const name = sureName(ingredient, shelf);
  if (span && name !== null) {
    const { written } = line;
    const text = `${written.slice(0, span.start)}${name}${written.slice(span.end)}`;
    const read = readLine(text, standard, shelf);
    if (read.ingredientId === ingredient.id) {
      const spans = line.spans.map((one) =>
        one === span ? { ...one, part: 'ingredient' as const } : one,
      );
      return { ...read, written, spans, ...(line.partOf && { partOf: line.partOf }) };
    }
  }
  const isFilled = line.unit !== null && isVolumeUnit(line.unit);
  const usual = isFilled ? defaultMethod(ingredient) : null;
  const kept = line.authorMethod !== null && methodsFor(ingredient).includes(line.authorMethod);
  return {
    ...line,
    ingredientId: ingredient.id,
    form: null,
    authorMethod: kept ? line.authorMethod : usual,
  };
}

/**
 * A line as it would be read if the other reading were meant: what the other reading leaves open
 * stays as it is. An ingredient that the shelf does not have changes nothing.
 */
export function readOtherwise(
  line: Line,
  other: OtherReading,
  standard: Standard,
  shelf: Shelf,
): Line {
  const ingredient =
    other.ingredientId === undefined || other.ingredientId === line.ingredientId
      ? undefined
      : shelf.ingredient(other.ingredientId);
  const read = ingredient ? readAs(line, ingredient, standard, shelf) : line;
  const unit = other.unit ?? read.unit;
  // A weight read from ounces goes with them.
  const stated = unit === read.unit ? read.stated : null;
  const amount = other.amount?.map((end) => new Fraction(end));
  return {
    ...read,
    amount: amount ? between(amount[0]!, amount[1]!) : read.amount,
    unit,
    form: other.form === undefined ? read.form : other.form,
    authorMethod: other.method ?? read.authorMethod,
    stated:
      other.statedGrams === undefined
        ? stated
        : other.statedGrams === null
          ? null
          : { grams: other.statedGrams },
  };
}
