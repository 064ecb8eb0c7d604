import type { Shelf } from '@ypsigram/core/catalogue';
import type { Choice, Intended, Question } from '@ypsigram/core/conversion';
import { onScaleGrid } from '@ypsigram/core/fills';
import type { Line } from '@ypsigram/core/reading';
import { standardName, type Standard } from '@ypsigram/core/units';
import { METHOD_NAMES } from './names.js';

const ingredientName = (id: string | null, shelf: Shelf): string =>
  (id === null ? undefined : shelf.ingredient(id)?.name.toLowerCase()) ?? 'this';

/** A weight on the step of the scale that would weigh it. */
const weight = (intended: Intended | null | undefined): string =>
  intended ? onScaleGrid(intended.grams).shown : 'no known weight';

/** A fine scale shows no less than this. */
const LEAST_SHOWN_GRAMS = 0.05;

/** Whether the other reading would show as another weight. */
function isAnother([now, then]: Question['choices']): boolean {
  const [a, b] = [now?.intended, then?.intended];
  return !!a && !!b && Math.abs(b.grams - a.grams) >= LEAST_SHOWN_GRAMS;
}

const kind = ({ reading, intended }: Choice, shelf: Shelf): string =>
  `${ingredientName(reading.ingredientId ?? null, shelf)} ${weight(intended)}`;

function assumed(line: Line, what: 'ingredient' | 'method' | 'size', shelf: Shelf): string {
  if (what === 'method') return `Taken as ${METHOD_NAMES[line.authorMethod ?? 'packed']}.`;
  if (what === 'size') return `Taken as ${line.form ?? 'usual'} size.`;
  return `Taken as ${ingredientName(line.ingredientId, shelf)}.`;
}

/**
 * A reading note as a sentence for a baker, with the grams that hang on it.
 *
 * @param question the note with its readings, the present one first, each weighed
 */
export function noteMessage(
  { note, choices }: Question,
  line: Line,
  standard: Standard,
  shelf: Shelf,
): string {
  const [now, then] = choices.map(({ intended }) => weight(intended));
  switch (note.code) {
    case 'assumed-kind':
      return assumed(line, note.assumed, shelf);
    case 'kind-ambiguous':
      return (
        `Which kind? Taken as ${ingredientName(line.ingredientId, shelf)}, ${now}; could be ` +
        `${choices
          .slice(1)
          .map((one) => kind(one, shelf))
          .join(' or ')}.`
      );
    case 'order-before':
      if (!isAnother(choices))
        return `“${note.word}” before measuring: the weight does not change.`;
      return (
        `“${note.word}” stands before the name, so it is done before measuring: ` +
        `${now}. Done after: ${then}.`
      );
    case 'order-after':
      return isAnother(choices)
        ? `“${note.word}” stands after the name, so it is done after measuring: ` +
            `${now}. Done before: ${then}.`
        : `“${note.word}” stands after the name: measure first, the weight does not change.`;
    case 'ounce-read-as':
      return note.as === 'volume'
        ? 'Ounces of a thin liquid are read as fluid ounces.'
        : 'Ounces of a solid are read as a weight.';
    case 'ounce-ambiguous':
      return `Ounces by weight or by volume? By weight ${now}, ` + `by volume ${then}.`;
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
