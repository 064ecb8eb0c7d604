import type { IngredientClass, Role } from '../../catalogue/index.js';

/** What is asked about: an ingredient of a bake. */
export interface Overnight {
  readonly ingredientId: string | null;
  readonly class: IngredientClass | null;
  readonly role: Role | null;
  readonly written: string;
}

/**
 * What becomes of an ingredient overnight. `counter`: measured tonight, covered, left out. `cold`:
 * weighed tonight, wrapped, in the fridge. `wait`: measured in the morning, for the reason given.
 */
export type Night =
  | { readonly stands: 'counter' }
  | { readonly stands: 'cold'; readonly why: 'fat' }
  | { readonly stands: 'wait'; readonly why: 'spoils' | 'yeast' | 'cut' | 'hot' };

/** No more than this at room temperature for what spoils. */
export const OUT_AT_MOST_HOURS = 2;

/** Liquids that do not spoil overnight. */
const KEEPS = /^(?:water|oil|vinegar|extract|vanilla|honey|syrup|liqueur|rum|brandy|spirit)/;
const SPOILS = /milk|cream|yog|curd|cheese|mascarpone|ricotta|buttermilk|kefir|egg|custard/;
const FRESH =
  /apple|pear|banana|berr|lemon|lime|orange|peach|plum|cherry|carrot|pumpkin|courgette|zest|juice|herb/;
const HOT =
  /\b(?:melted|hot|warm|lukewarm|boiling|scalded|toasted|heiß|warm|lauwarm|chaud|tiède|fondu)/i;

/**
 * Whether an ingredient may be measured the evening before, and where it stands until morning. Dry
 * things stand out, covered; fat is weighed and wrapped in the cold; what spoils waits in the
 * fridge; fresh yeast waits, and so does what is used warm. Where in doubt it waits. A house rule
 * after common food-safety advice: milk, egg and cream no more than two hours at room temperature.
 */
export function overnight({ ingredientId, class: is, role, written }: Overnight): Night {
  const id = ingredientId ?? '';
  if (SPOILS.test(id) && !/powder|dried|dry/.test(id)) return { stands: 'wait', why: 'spoils' };
  if (is === 'egg' || role === 'egg') return { stands: 'wait', why: 'spoils' };
  if (HOT.test(written) && is !== 'powder') return { stands: 'wait', why: 'hot' };
  if (id === 'yeast-fresh' || (role === 'yeast' && is === 'liquid')) {
    return { stands: 'wait', why: 'yeast' };
  }
  if (FRESH.test(id) && !/dried|powder|oil|extract/.test(id)) return { stands: 'wait', why: 'cut' };
  if (is === 'solid-fat') return { stands: 'cold', why: 'fat' };
  if (is === 'liquid' && !KEEPS.test(id)) return { stands: 'wait', why: 'spoils' };
  return is === null ? { stands: 'wait', why: 'spoils' } : { stands: 'counter' };
}

/** Something to take out of the fridge in time. */
export interface TakeOut {
  readonly why: 'soften' | 'room-temperature' | 'not-cold';
  /** Before work starts. */
  readonly minutesBefore: number;
}

const SOFT = /\bsoft|room temperature|zimmerwarm|weich|mou\b|ramolli|température ambiante/i;

/** In a kitchen of some 20 °C: butter in pieces, eggs in their shells. House rules. */
const SOFTEN_MINUTES = 60;
const EGG_MINUTES = 45;
const LIQUID_MINUTES = 30;

/** How long before work starts an ingredient comes out of the fridge; null where it does not. */
export function takeOutFor({ class: is, role, written, ingredientId }: Overnight): TakeOut | null {
  if (is === 'solid-fat') {
    return SOFT.test(written) ? { why: 'soften', minutesBefore: SOFTEN_MINUTES } : null;
  }
  if (role === 'egg' || is === 'egg')
    return { why: 'room-temperature', minutesBefore: EGG_MINUTES };
  if (is === 'liquid' && SPOILS.test(ingredientId ?? '') && SOFT.test(written)) {
    return { why: 'not-cold', minutesBefore: LIQUID_MINUTES };
  }
  return null;
}
