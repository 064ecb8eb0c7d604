import type { Ingredient, NameMatch } from '../../catalogue/index.js';
import type { Standard } from '../../units/index.js';
import type { Quantity } from '../amounts/index.js';

/** What the words of a line say about one known ingredient. */
export interface Wording {
  readonly name: NameMatch;
  readonly ingredient: Ingredient;
  readonly quantity: Quantity | null;
  readonly stated: number | null;
  /** Comparable words before the name, and after it or in remarks. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly byFruit: boolean;
  readonly standard: Standard;
}
