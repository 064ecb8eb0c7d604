import type { Shelf } from '../../catalogue/index.js';
import type { Reading } from '../line.js';
import { isLikePreserves } from './make-up.js';
import { hasPreservingSteps, isCooked } from './method-signs.js';
import { dishOf } from './title.js';

/**
 * How a recipe keeps. `preserve`: outside the fridge, so that nothing of it is scaled or converted.
 * `asked`: only its make-up says so; its baker is asked. `chilled`: cold and within days. `fresh`:
 * anything else.
 */
export type Keeping = 'preserve' | 'asked' | 'chilled' | 'fresh';

/**
 * Whether a recipe is made to keep, by what the dish is, then by its steps, then by its make-up.
 * What its baker told goes before all of it. Acid, salt and time keep people safe there.
 *
 * @param told whether it is for keeping, as its baker said; null where nothing was said
 */
export function keepingOf(reading: Reading, shelf: Shelf, told: boolean | null = null): Keeping {
  if (told !== null) return told ? 'preserve' : 'fresh';
  const dish = reading.title === null ? 'open' : dishOf(reading.title, shelf);
  switch (dish) {
    case 'preserve':
      return 'preserve';
    case 'jelly':
      return isSetByGelatine(reading, shelf) ? 'chilled' : 'preserve';
    case 'chilled':
    case 'dish':
      return dish === 'dish' ? 'fresh' : 'chilled';
    case 'maybe-preserve':
      return hasPreservingSteps(reading) ? 'preserve' : isCooked(reading) ? 'fresh' : 'asked';
    case 'open':
      if (hasPreservingSteps(reading)) return 'preserve';
      return isLikePreserves(reading, shelf) && !isCooked(reading) ? 'asked' : 'fresh';
  }
}

const isSetByGelatine = ({ lines }: Reading, shelf: Shelf): boolean =>
  lines.some(
    ({ ingredientId }) =>
      ingredientId !== null && shelf.ingredient(ingredientId)?.bounded === 'gelatine',
  );
