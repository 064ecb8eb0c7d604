import { closestIngredients, wordsOf, type Shelf } from '../catalogue/index.js';
import { methodsFor, pieceOf, type KnownWeight } from '../measuring/index.js';
import { readOtherwise, type Line, type OtherReading, type ReadingNote } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import { intendedMass, type Intended } from './intended.js';
import { likelySlips, type AmountSlip } from './slips.js';

/** One way to settle a note, and what the line weighs then. */
export interface Choice {
  readonly reading: OtherReading;
  /** Null where nothing is known of the weight. */
  readonly intended: Intended | null;
  /** For a weight that no method could give: what may have gone wrong in writing it. */
  readonly slip: AmountSlip | null;
}

/** A note as a question: the reading it has now comes first among its choices. */
export interface Question {
  readonly note: ReadingNote;
  /** Empty where there is nothing to choose from. */
  readonly choices: readonly Choice[];
  /** The largest difference, in grams, that a choice makes to the line; 0 where it makes none. */
  readonly gramsAtStake: number;
}

/** As many of the closest names as are offered for one that is not known. */
const MOST_CLOSEST = 3;

/** The line by the other reading, weighed. */
export function intendedOtherwise(
  line: Line,
  other: OtherReading,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[] = [],
): Intended | null {
  return intendedMass(readOtherwise(line, other, standard, shelf), standard, shelf, known);
}

/** Nothing else than what was read. */
const AS_READ: OtherReading = {};

/** What a note leaves open, the reading it has now first; empty where nothing can be chosen. */
function readingsOf(
  line: Line,
  note: ReadingNote,
  standard: Standard,
  shelf: Shelf,
): readonly { readonly reading: OtherReading; readonly slip?: AmountSlip }[] {
  const { ingredientId } = line;
  // An answer may go for other lines, in other forms and fillings: it says no more than it must.
  const sameKind: OtherReading = ingredientId === null ? {} : { ingredientId };
  switch (note.code) {
    case 'kind-ambiguous':
      return [{ reading: sameKind }, ...note.others.map((reading) => ({ reading }))];
    case 'order-before':
      return [{ reading: AS_READ }, { reading: note.other }];
    case 'order-after':
      return note.other ? [{ reading: AS_READ }, { reading: note.other }] : [];
    case 'ounce-ambiguous':
      return [{ reading: line.unit ? { unit: line.unit } : {} }, { reading: note.other }];
    case 'volumes-disagree':
      return [{ reading: AS_READ }, { reading: note.other }];
    case 'assumed-kind':
      if (note.assumed === 'method') return otherMethods(line, shelf);
      return note.assumed === 'size' ? otherSizes(line, shelf) : [];
    case 'alternative': {
      const other = shelf.findName(wordsOf(note.words))?.ingredientId;
      const isAnother = other !== undefined && ingredientId !== null && other !== ingredientId;
      return isAnother ? [{ reading: sameKind }, { reading: { ingredientId: other } }] : [];
    }
    case 'implausible-weight': {
      const stated = line.stated?.grams;
      if (stated === undefined) return [];
      const slips = likelySlips(line, standard, shelf);
      // Half a cup written for a whole one leaves the weight as it is.
      const ofVolume = slips.find((slip) => slip.grams === stated);
      return [
        { reading: { statedGrams: stated }, ...(ofVolume && { slip: ofVolume }) },
        { reading: { statedGrams: null } },
        ...slips
          .filter((slip) => slip.grams !== stated)
          .map((slip) => ({ reading: { statedGrams: slip.grams }, slip })),
      ];
    }
    case 'unknown-ingredient':
      return closestIngredients(note.words, shelf, MOST_CLOSEST).map((id) => ({
        reading: { ingredientId: id },
      }));
    default:
      return [];
  }
}

const nowFirst = (
  now: OtherReading,
  all: readonly OtherReading[],
): readonly { readonly reading: OtherReading }[] => {
  const isNow = (reading: OtherReading): boolean =>
    reading.method === now.method && reading.form === now.form;
  return [...all.filter(isNow), ...all.filter((one) => !isNow(one))].map((reading) => ({
    reading,
  }));
};

function otherMethods(line: Line, shelf: Shelf): readonly { readonly reading: OtherReading }[] {
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  if (!ingredient || line.authorMethod === null) return [];
  return nowFirst(
    { method: line.authorMethod },
    methodsFor(ingredient).map((method) => ({ method })),
  );
}

function otherSizes(line: Line, shelf: Shelf): readonly { readonly reading: OtherReading }[] {
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  if (!ingredient || line.form === null) return [];
  const sizes = ingredient.weights.filter((weight) => weight.unit === line.unit);
  const forms = [...new Set(sizes.map(({ form }) => form))];
  const known = forms.filter((form) => pieceOf(ingredient, 'each', form) !== null);
  return nowFirst(
    { form: line.form },
    known.map((form) => ({ form })),
  );
}

/**
 * The notes of a line as questions, those that move the most grams first. An unknown ingredient
 * and a weight that cannot be come before all others, since nothing else is sure without them.
 */
export function questionsOf(
  line: Line,
  standard: Standard,
  shelf: Shelf,
  known: readonly KnownWeight[] = [],
): Question[] {
  if (line.notes.length === 0) return [];
  const now = intendedMass(line, standard, shelf, known);
  const questions = line.notes.map((note): Question => {
    const choices = readingsOf(line, note, standard, shelf).map(({ reading, slip = null }) => ({
      reading,
      slip,
      intended: intendedOtherwise(line, reading, standard, shelf, known),
    }));
    const grams = choices.flatMap(({ intended }) => (intended ? [intended.grams] : []));
    const all = now ? [...grams, now.grams] : grams;
    const gramsAtStake = choices.length === 0 ? 0 : Math.max(...all, 0) - Math.min(...all);
    return { note, choices, gramsAtStake: Math.max(0, gramsAtStake) };
  });
  const isFirst = ({ note }: Question): boolean =>
    note.code === 'unknown-ingredient' || note.code === 'implausible-weight';
  return questions.sort(
    (a, b) => Number(isFirst(b)) - Number(isFirst(a)) || b.gramsAtStake - a.gramsAtStake,
  );
}
