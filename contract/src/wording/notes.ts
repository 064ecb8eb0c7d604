import { onScaleGrid } from '@ypsigram/core/batch';
import { BUILT_IN_SHELF, type Shelf } from '@ypsigram/core/catalogue';
import { intendedMass, intendedOtherwise } from '@ypsigram/core/conversion';
import type { KnownWeight } from '@ypsigram/core/measuring';
import type { Line, OtherReading, ReadingNote } from '@ypsigram/core/reading';
import { standardName, type Standard } from '@ypsigram/core/units';
import { METHOD_NAMES } from './names.js';

const ingredientName = (id: string | null, shelf: Shelf): string =>
  (id === null ? undefined : shelf.ingredient(id)?.name.toLowerCase()) ?? 'this';

/** In whose cups, and by whose weights, a line is weighed. */
interface Setting {
  readonly standard: Standard;
  readonly shelf: Shelf;
  readonly known: readonly KnownWeight[];
}

function weighs(line: Line, { standard, shelf, known }: Setting, other?: OtherReading): string {
  const intended = other
    ? intendedOtherwise(line, other, standard, shelf, known)
    : intendedMass(line, standard, shelf, known);
  return intended ? onScaleGrid(intended.grams).shown : 'no known weight';
}

/** Whether the other reading would show as another weight. */
function changes(line: Line, other: OtherReading, { standard, shelf, known }: Setting): boolean {
  const now = intendedMass(line, standard, shelf, known);
  const then = intendedOtherwise(line, other, standard, shelf, known);
  return now !== null && then !== null && Math.abs(then.grams - now.grams) >= LEAST_SHOWN_GRAMS;
}

/** A fine scale shows no less than this. */
const LEAST_SHOWN_GRAMS = 0.05;

function kindOf(line: Line, setting: Setting, other: OtherReading): string {
  return `${ingredientName(other.ingredientId ?? null, setting.shelf)} ${weighs(line, setting, other)}`;
}

function assumed(line: Line, what: 'ingredient' | 'method' | 'size', shelf: Shelf): string {
  if (what === 'method') return `Taken as ${METHOD_NAMES[line.authorMethod ?? 'packed']}.`;
  if (what === 'size') return `Taken as ${line.form ?? 'usual'} size.`;
  return `Taken as ${ingredientName(line.ingredientId, shelf)}.`;
}

/** A reading note as a sentence for a baker, with the grams that hang on it. */
export function noteMessage(
  note: ReadingNote,
  line: Line,
  standard: Standard,
  shelf: Shelf = BUILT_IN_SHELF,
  known: readonly KnownWeight[] = [],
): string {
  const setting = { standard, shelf, known };
  switch (note.code) {
    case 'assumed-kind':
      return assumed(line, note.assumed, shelf);
    case 'kind-ambiguous':
      return (
        `Which kind? Taken as ${ingredientName(line.ingredientId, shelf)}, ${weighs(line, setting)}; ` +
        `could be ${note.others.map((other) => kindOf(line, setting, other)).join(' or ')}.`
      );
    case 'order-before':
      if (!changes(line, note.other, setting))
        return `“${note.word}” before measuring: the weight does not change.`;
      return (
        `“${note.word}” stands before the name, so it is done before measuring: ` +
        `${weighs(line, setting)}. Done after: ${weighs(line, setting, note.other)}.`
      );
    case 'order-after':
      return note.other && changes(line, note.other, setting)
        ? `“${note.word}” stands after the name, so it is done after measuring: ` +
            `${weighs(line, setting)}. Done before: ${weighs(line, setting, note.other)}.`
        : `“${note.word}” stands after the name: measure first, the weight does not change.`;
    case 'ounce-read-as':
      return note.as === 'volume'
        ? 'Ounces of a thin liquid are read as fluid ounces.'
        : 'Ounces of a solid are read as a weight.';
    case 'ounce-ambiguous':
      return (
        `Ounces by weight or by volume? By weight ${weighs(line, setting)}, ` +
        `by volume ${weighs(line, setting, note.other)}.`
      );
    case 'implausible-weight':
      return (
        `${Math.round(note.gramsPerCup)} g to the cup cannot be: this weighs ` +
        `${Math.round(note.lowest)} to ${Math.round(note.highest)} g however it is measured. ` +
        'One of the two figures is a slip.'
      );
    case 'nominal-size':
      return nominal(note.word);
    case 'borrowed-unit':
      return (
        `${standardName(standard)} measures have no ${note.unit.replace('-', ' ')} of their own; ` +
        `${standard === 'australian' ? 'the imperial' : 'the US'} one was used.`
      );
    case 'no-amount':
      return 'No amount is given, so it is not weighed.';
    case 'unknown-ingredient':
      return line.stated
        ? `“${note.words}” is not known here; the written weight is used, but it can't be turned into cups.`
        : `“${note.words}” is not known here, so it has no weight. Write the grams on the line.`;
    case 'alternative':
      return `Or ${note.words}: the first one named is used.`;
    case 'second-ingredient':
      return `“${note.words}” on the same line is not counted. Give it a line of its own.`;
    case 'extra':
      return `“${note.words}” is not counted.`;
    case 'optional':
      return 'Optional, and counted as if it goes in.';
    case 'other-language':
      return 'This looks like another language than English, and was left as it is.';
  }
}

function nominal(word: string): string {
  if (word === 'fruit') return 'Fruits differ: a usual yield is used.';
  if (word === 'pinch' || word === 'dash' || word === 'smidgen') {
    const part = { pinch: '1/16', dash: '1/8', smidgen: '1/32' }[word];
    return `Everybody's ${word} differs: counted as ${part} teaspoon.`;
  }
  return `“${word}” is a manner of speaking: counted by a usual figure.`;
}
