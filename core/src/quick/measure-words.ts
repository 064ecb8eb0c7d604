import { midpoint } from '../amount/index.js';
import type { Shelf } from '../catalogue/index.js';
import { readLine } from '../reading/index.js';
import type { Standard, Unit } from '../units/index.js';
import type { QuickKitchen, WantedAmount } from './quick-kitchen.js';

/**
 * The unit that a word names: "grams", "tablespoons", "fl oz". A bare "oz" is a weight of what is
 * solid and a volume of what is thin. Null for no unit.
 */
export function unitIn(word: string, kitchen: QuickKitchen, of?: string): Unit | null {
  const found = measureNamed(word, kitchen, of);
  return found?.amount === 1 ? found.unit : null;
}

/**
 * What one of a word is: "cup" a cup, "gill" a quarter of a pint, "dessertspoon" two teaspoons. Null
 * for no measure.
 */
export function measureNamed(
  word: string,
  { standard, shelf }: QuickKitchen,
  of = 'flour',
): WantedAmount | null {
  const known = knownIn(shelf);
  const key = `${standard} ${of} ${word}`;
  let found = known.get(key);
  if (found === undefined) {
    if (known.size >= MOST_KNOWN) known.clear();
    found = measureOfWord(word, standard, shelf, of);
    known.set(key, found);
  }
  return found;
}

/** While a question is typed its words are looked at again with every key. */
const MOST_KNOWN = 2000;
const KNOWN = new WeakMap<Shelf, Map<string, WantedAmount | null>>();

function knownIn(shelf: Shelf): Map<string, WantedAmount | null> {
  const known = KNOWN.get(shelf) ?? new Map<string, WantedAmount | null>();
  KNOWN.set(shelf, known);
  return known;
}

function measureOfWord(
  word: string,
  standard: Standard,
  shelf: Shelf,
  of: string,
): WantedAmount | null {
  // "EL Mehl" names more than a measure.
  if (readLine(`2 ${word}`, standard, shelf).ingredientId !== null) return null;
  const named = (name: string): WantedAmount | null => {
    const { amount, unit, ingredientId, spans } = readLine(`2 ${word} ${name}`, standard, shelf);
    // "cup flour" is no unit: it would be one of whatever follows; nor is "Prise Salz Gramm".
    const isAll =
      ingredientId === readLine(`2 g ${name}`, standard, shelf).ingredientId &&
      (!word.includes(' ') ||
        spans.some(({ part, start, end }) => part === 'unit' && end - start >= word.length));
    if (!amount || unit === null || unit === 'each' || !isAll) return null;
    return { unit, amount: midpoint(amount).div(2).valueOf() };
  };
  for (const name of [of, 'salt', 'Zucker', 'sucre']) {
    const found = word.toLowerCase().includes(name.toLowerCase()) ? null : named(name);
    if (found) return found;
  }
  return null;
}
