import { onScaleGrid } from '@ypsigram/core/fills';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Choice } from '@ypsigram/core/conversion';
import type { Line, ReadingNote } from '@ypsigram/core/reading';
import { capital } from './capital.js';
import { METHOD_NAMES } from './names.js';
import { weightText } from './weights.js';

const orderQuestion = (word: string): string => `${capital(word)} before or after measuring?`;

/** A reading note as a short question, where its answers stand beside it; null where it is none. */
export function questionText(note: ReadingNote): string | null {
  switch (note.code) {
    case 'kind-ambiguous':
      return 'Which one is it?';
    case 'order-before':
      return orderQuestion(note.word);
    case 'order-after':
      return note.other ? orderQuestion(note.word) : null;
    case 'ounce-ambiguous':
      return 'Ounces by weight or fluid ounces?';
    case 'volumes-disagree':
      return 'The two volumes are not the same. Which one is right?';
    case 'assumed-kind':
      if (note.assumed === 'method') return 'How did the author fill the cup?';
      return note.assumed === 'size' ? 'Which size?' : null;
    case 'alternative':
      return 'Which one do you use?';
    case 'implausible-weight':
      return (
        `${Math.round(note.gramsPerCup)} g per cup can’t be right: a cup weighs ` +
        `${Math.round(note.lowest)} to ${Math.round(note.highest)} g, however it is filled. ` +
        'Which number is right?'
      );
    case 'unknown-ingredient':
      return `“${note.words}” is not in Ingredients. Is it one of these?`;
    default:
      return null;
  }
}

const SLIPS = {
  half: 'as written, for half the volume',
  double: 'as written, for twice the volume',
} as const;

function weightChoice({ reading, slip }: Choice): string {
  if (reading.statedGrams === null) return 'the volume';
  if (!slip) return 'the weight as written';
  if (slip.kind === 'half' || slip.kind === 'double') return `the weight ${SLIPS[slip.kind]}`;
  return slip.kind === 'ounces' ? 'it means ounces' : 'a digit is wrong';
}

/** One answer to a question in a few words, without its weight. */
export function choiceText(note: ReadingNote, choice: Choice, line: Line, shelf: Shelf): string {
  const { ingredientId, method, form, unit } = choice.reading;
  const name = (id: string | null | undefined): string =>
    (id && shelf.ingredient(id)?.name.toLowerCase()) || 'as it is';
  switch (note.code) {
    case 'implausible-weight':
      return weightChoice(choice);
    case 'volumes-disagree':
      return unit === 'ml' ? 'the second' : 'the first';
    case 'ounce-ambiguous':
      return unit === 'fl-oz' ? 'fluid ounces' : 'by weight';
    case 'order-before':
    case 'order-after': {
      // The present reading stands first, and says when the word was done.
      const isOther = choice.reading === note.other;
      const isBefore = (note.code === 'order-before') !== isOther;
      return isBefore ? 'before' : 'after';
    }
    case 'assumed-kind':
      return method ? METHOD_NAMES[method] : (form ?? 'usual');
    default:
      return name(ingredientId ?? line.ingredientId);
  }
}

/**
 * What a choice weighs in a batch of so many times the recipe, on the grid of the scale that would
 * weigh it; null where not known.
 */
export const choiceWeight = ({ intended }: Choice, times = 1): string | null =>
  intended && weightText(onScaleGrid(intended.grams * times));
