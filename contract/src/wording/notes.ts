import type { Shelf } from '@ypsigram/core/catalogue';
import type { Choice, Intended, Question } from '@ypsigram/core/conversion';
import { midpoint } from '@ypsigram/core/amount';
import { onScaleGrid } from '@ypsigram/core/fills';
import { fillFactorOf, measureSize } from '@ypsigram/core/measuring';
import type { Line } from '@ypsigram/core/reading';
import { isVolumeUnit, millilitresIn, type Standard } from '@ypsigram/core/units';
import { short } from './figures.js';
import { METHOD_NAMES } from './names.js';
import { weightText } from './weights.js';
import { standardName } from './standards.js';

const ingredientName = (id: string | null, shelf: Shelf): string =>
  (id === null ? undefined : shelf.ingredient(id)?.name.toLowerCase()) ?? 'this';

/** A weight on the step of the scale that would weigh it. */
const weight = (intended: Intended | null | undefined): string =>
  intended ? weightText(onScaleGrid(intended.grams)) : 'weight unknown';

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
  if (what === 'method') return `Read as ${METHOD_NAMES[line.authorMethod ?? 'packed']}.`;
  if (what === 'size') return `Read as ${line.form ?? 'usual'} size.`;
  return `Read as ${ingredientName(line.ingredientId, shelf)}.`;
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
        `Which kind? Read as ${ingredientName(line.ingredientId, shelf)}, ${now}; could also be ` +
        `${choices
          .slice(1)
          .map((one) => kind(one, shelf))
          .join(' or ')}.`
      );
    case 'order-before':
      if (!isAnother(choices))
        return `“${note.word}” before or after measuring makes no difference to the weight.`;
      return (
        `“${note.word}” comes before the name, so do it before measuring: ` +
        `${now}. If done after: ${then}.`
      );
    case 'order-after':
      return isAnother(choices)
        ? `“${note.word}” comes after the name, so do it after measuring: ` +
            `${now}. If done before: ${then}.`
        : `“${note.word}” comes after the name, so measure first. The weight does not change.`;
    case 'ounce-read-as':
      return note.as === 'volume'
        ? 'For a thin liquid, ounces are read as fluid ounces.'
        : 'Ounces are read as a weight here.';
    case 'ounce-ambiguous':
      return `Ounces by weight or by volume? By weight ${now}, ` + `by volume ${then}.`;
    case 'volumes-disagree':
      return `The two volumes are not the same: by the first ${now}, by the second ${then}. The first is used.`;
    case 'implausible-weight':
      return (
        `${Math.round(note.gramsPerCup)} g per cup can’t be right: a cup weighs ` +
        `${Math.round(note.lowest)} to ${Math.round(note.highest)} g, however it is filled. ` +
        'One of the two numbers is wrong.'
      );
    case 'nominal-size':
      return line.heap === null ? nominal(note.word) : heaped(line, note.word, standard, shelf);
    case 'borrowed-unit':
      return (
        `${standardName(standard)} measures have no ${note.unit.replace('-', ' ')}, so ` +
        `${standard === 'australian' ? 'the imperial' : 'the US'} one is used.`
      );
    case 'no-amount':
      return 'No amount is given, so there is nothing to weigh.';
    case 'unknown-ingredient':
      return line.stated
        ? `“${note.words}” is not in Ingredients. Its weight is used as written, but can’t be turned into cups.`
        : `“${note.words}” is not in Ingredients, so its weight is not known. Write the grams on the line.`;
    case 'spelling':
      return `“${note.written}” is read as “${note.read}”.`;
    case 'from-table':
      return 'Not in Ingredients: its weight is from the public food table, and its allergens are not known.';
    case 'alternative':
      return `Or ${note.words}: the first of the two is used.`;
    case 'extra':
      return `“${note.words}” is left out.`;
    case 'place':
      return note.place === 'pan'
        ? 'For the pan: not counted in the dough.'
        : 'For the top or the table: not counted in the dough.';
    case 'optional':
      return 'Optional; counted as if you add it.';
    case 'other-language':
      return 'This line does not look English, so it is left as it is.';
  }
}

/** "“heaped”: about 2.5 times a level one, 1.8 to 3.2." */
function heaped(line: Line, word: string, standard: Standard, shelf: Shelf): string {
  const ingredient = line.ingredientId === null ? null : shelf.ingredient(line.ingredientId);
  const { unit, amount } = line;
  if (!ingredient || !amount || unit === null || !isVolumeUnit(unit)) return nominal(word);
  const millilitres = midpoint(amount).valueOf() * millilitresIn(unit, standard).valueOf();
  const size = measureSize(unit, millilitres);
  const { times, low, high } = fillFactorOf(line.heap, size, ingredient.class);
  const [middle, least, most] = [times, low, high].map((one) => short(one, 2));
  return `People fill a “${word}” measure differently: ${middle} times a level one is used, and it may be ${least} to ${most}.`;
}

function nominal(word: string): string {
  if (word === 'fruit') return 'Fruits differ: an average amount is used.';
  if (word === 'pinch' || word === 'dash' || word === 'smidgen') {
    const part = { pinch: '1/16', dash: '1/8', smidgen: '1/32' }[word];
    return `No two people’s ${word} is the same: ${part} teaspoon is used.`;
  }
  if (word === 'drop') return 'Drops differ from bottle to bottle: 20 to a millilitre are used.';
  return `“${word}” is not an exact amount: an average is used.`;
}
