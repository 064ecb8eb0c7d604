import { singular, type Method } from '../../catalogue/index.js';
import { methodsFor, pieceOf } from '../../measuring/index.js';
import type { Unit } from '../../units/index.js';
import type { ReadingNote } from '../note.js';
import { BLOCK_FORMS, EUROPEAN_SIZES, EUROPEAN_WORDS, SIZE_FORMS } from '../vocabulary/index.js';
import type { Wording } from './line-parts.js';

/** The size or kind of a piece, a stick or a packet; null where none is sold that way. */
export function pieceForm(
  wording: Wording,
  unit: Unit | null,
  notes: ReadingNote[],
): string | null {
  const { ingredient, before, after, byFruit, standard } = wording;
  if (unit !== 'each' && unit !== 'packet' && unit !== 'stick') return null;
  const forms = ingredient.weights.filter((weight) => weight.unit === unit).map(({ form }) => form);
  // One weight for all of them leaves nothing to assume.
  if (forms.every((form) => form === null)) return null;
  if (byFruit) return forms[0] ?? null;
  if (unit === 'packet') return packetForm(forms, wording);
  if (unit !== 'each') return forms[0] ?? null;
  const sold = soldAs(wording);
  const american = standard === 'us-customary' || standard === 'us-labelling';
  // An ounce is what a square weighs in America only; a bar is no square.
  if (forms.every((form) => form === SQUARE)) {
    return sold === SQUARE && american ? SQUARE : 'piece';
  }
  if (sold !== null && forms.includes(sold)) return sold;
  const size = before.join(' ').match(/extra large/)?.[0] ?? sizeIn(before) ?? sizeBehind(after);
  const said = europeanSize(wording, size) ?? SIZE_FORMS[size ?? ''];
  if (said !== undefined && forms.includes(said)) return said;
  notes.push({ code: 'assumed-kind', assumed: 'size' });
  const usual = [
    standard === 'british' ? EUROPEAN_SIZES['large']! : 'large',
    american ? BLOCK_FORMS.american : BLOCK_FORMS.elsewhere,
  ].find((form) => forms.includes(form));
  return usual ?? forms[0] ?? null;
}

const SQUARE = 'square';

/** "1 cube of yeast": what it is sold as, in the singular; null where nothing is said. */
function soldAs({ quantity }: Wording): string | null {
  const word = quantity?.pieceWord ? singular(quantity.pieceWord.replace('.', '')) : null;
  return word === 'sq' ? SQUARE : word;
}

/**
 * The packet of the country whose language is spoken, where packets differ between countries. A
 * form that no table has where that is not known: a missing gram before a wrong one.
 */
function packetForm(forms: readonly (string | null)[], { language }: Wording): string | null {
  const byCountry = forms.filter((form) => form?.startsWith('packet ('));
  if (byCountry.length === 0) return forms[0] ?? null;
  return byCountry.find((form) => form === `packet (${language})`) ?? 'packet';
}

const sizeIn = (words: readonly string[]): string | undefined =>
  words.find((word) => SIZE_FORMS[word] !== undefined);

/** Words after which another ingredient may follow, with a size of its own. */
const LINKS: ReadonlySet<string> = new Set(['plus', 'and', 'with']);

/** "4 eggs (medium)". */
const sizeBehind = (words: readonly string[]): string | undefined =>
  words.some((word) => LINKS.has(word)) ? undefined : sizeIn(words);

/**
 * The European grade of an egg, where the words or the country say that it is meant: "2 European
 * large eggs", "2 eggs, size M", "2 large eggs" in a British recipe.
 */
function europeanSize(
  { before, after, standard, language }: Wording,
  size: string | undefined,
): string | undefined {
  const words = [...before, ...after];
  const letter = words.find(
    (word, at) => word.length <= 2 && words[at - 1] === 'size' && EUROPEAN_SIZES[word],
  );
  if (letter) return EUROPEAN_SIZES[letter];
  // Whoever writes in another language buys eggs by the grades of Europe, whatever the cups.
  const meant =
    standard === 'british' || language !== null || words.some((word) => EUROPEAN_WORDS.has(word));
  const named = size ?? after.find((word) => SIZE_FORMS[word] !== undefined);
  return meant && named !== undefined ? EUROPEAN_SIZES[named] : undefined;
}

/** How pieces are measured: by count, or as a block. */
export function pieceMethod({ ingredient, quantity }: Wording, unit: Unit | null): Method | null {
  if (unit === 'stick') return methodsFor(ingredient).includes('block') ? 'block' : null;
  if ((unit !== 'each' && unit !== 'packet') || quantity?.container) return null;
  return pieceOf(ingredient, unit, null) ? 'count' : null;
}
