import type { IngredientClass, Keeps, Role } from '../../catalogue/index.js';

/** What is asked about: an ingredient of a bake. */
export interface Overnight {
  /** A fact of the ingredient's record; null or left out where nothing is known of it. */
  readonly keeps?: Keeps | null;
  readonly class: IngredientClass | null;
  readonly role: Role | null;
  readonly written: string;
}

/**
 * What becomes of an ingredient overnight. `counter`: measured tonight, covered, left out. `cold`:
 * measured tonight, covered or wrapped, in the fridge. `wait`: as it is until the morning, for the
 * reason given.
 */
export type Night =
  | { readonly stands: 'counter' }
  | { readonly stands: 'cold'; readonly why: 'fat' | 'spoils' }
  | {
      readonly stands: 'wait';
      readonly why: 'shell' | 'live' | 'fresh' | 'frozen' | 'warm' | 'unknown';
    };

/** No more than this at room temperature for what spoils. */
export const OUT_AT_MOST_HOURS = 2;

/** Words of a line that say it goes in warm. */
const WARM =
  /\b(?:melted|hot|warm|lukewarm|boiling|scalded|heiß\w*|warm\w*|lauwarm\w*|kochend\w*|geschmolzen\w*|zerlassen\w*|chaud\w*|tiède\w*|bouillant\w*|fondu\w*)(?![\wäöüß])/i;

/**
 * Whether an ingredient may be measured the evening before, and where it stands until morning, by
 * how its record says that it keeps. What is used warm waits, whatever it is, and so does what no
 * record knows. A house rule after common food-safety advice: milk, egg, cream and meat no more than
 * two hours at room temperature.
 */
export function overnight({ keeps = null, class: is, written }: Overnight): Night {
  if (keeps === null) return { stands: 'wait', why: 'unknown' };
  if (is === 'egg') return { stands: 'wait', why: 'shell' };
  if (is !== 'powder' && WARM.test(written)) return { stands: 'wait', why: 'warm' };
  switch (keeps) {
    case 'dry':
      return { stands: 'counter' };
    case 'cool':
      return { stands: 'cold', why: 'fat' };
    case 'fridge':
      return { stands: 'cold', why: 'spoils' };
    case 'fresh':
    case 'live':
    case 'frozen':
      return { stands: 'wait', why: keeps };
  }
}

/** Something to take out of the fridge in time. */
export interface TakeOut {
  readonly why: 'soften' | 'room-temperature' | 'not-cold';
  /** Before work starts. */
  readonly minutesBefore: number;
}

const SOFT =
  /\bsoft|room temperature|zimmerwarm|weich|\bmous?\b|\bmolle\b|ramolli|pommade|température ambiante/i;

/** In a kitchen of some 20 °C: butter in pieces, eggs in their shells. House rules. */
const SOFTEN_MINUTES = 60;
const EGG_MINUTES = 45;
const LIQUID_MINUTES = 30;

/** How long before work starts an ingredient comes out of the fridge; null where it does not. */
export function takeOutFor({ class: is, keeps, written }: Overnight): TakeOut | null {
  if (is === 'egg') return { why: 'room-temperature', minutesBefore: EGG_MINUTES };
  if (!SOFT.test(written)) return null;
  if (keeps === 'cool') return { why: 'soften', minutesBefore: SOFTEN_MINUTES };
  return keeps === 'fridge' ? { why: 'not-cold', minutesBefore: LIQUID_MINUTES } : null;
}
