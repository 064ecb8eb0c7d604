import type { Shelf } from '@ypsigram/core/catalogue';
import type { Answer, OtherReading } from '@ypsigram/core/reading';
import { METHOD_NAMES } from './names.js';

/** As much of an answer as is told of it. */
interface ToldAnswer extends Pick<Answer, 'note' | 'name' | 'word'> {
  readonly reading: Pick<OtherReading, 'ingredientId' | 'method' | 'form' | 'unit'>;
}

/** What an answer says, with the words of the recipe in quotation marks. */
export function answerText({ note, name, word, reading }: ToldAnswer, shelf: Shelf): string {
  const words = `“${name}”`;
  const { ingredientId, method, form, unit } = reading;
  if (note === 'order-before' || note === 'order-after') {
    // An answer that changes nothing says that the order of the words is right.
    const isAsWritten = Object.keys(reading).length === 0;
    const isBefore = (note === 'order-before') === isAsWritten;
    return `${words}: ${word} ${isBefore ? 'before' : 'after'} measuring`;
  }
  if (unit) return `Ounces of ${words} are ${unit === 'fl-oz' ? 'fluid ounces' : 'a weight'}`;
  if (ingredientId) {
    return `${words} means ${shelf.ingredient(ingredientId)?.name.toLowerCase() ?? ingredientId}`;
  }
  if (method) return `A cup of ${words} is ${METHOD_NAMES[method]}`;
  if (form) return `${words} means ${form}`;
  return `${words} means what it was read as`;
}
