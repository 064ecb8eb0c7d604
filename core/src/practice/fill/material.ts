import { densityOf, fillSpread } from '../../measuring/index.js';
import type { Method } from '../../catalogue/index.js';
import { targetGrams, type FillTask } from './task.js';

/**
 * How the contents of a measure behave in a filler's hands. Densities in grams per millilitre come
 * from the tables; how fast pressing and tapping get there are assumptions.
 */
export interface Material {
  /** As it falls from a spoon, out of a bin that was stirred up. */
  readonly spooned: number;
  /** As it falls from a sieve; null where nobody sifts it. */
  readonly sifted: number | null;
  /** As a measure comes out that was plunged into the bin; null where dipping makes no difference. */
  readonly dipped: number | null;
  /** The most that pressing and tapping can make of it. */
  readonly densest: number;
  /** How much heavier it lies in a bin that nobody has stirred; 1 where it does not settle. */
  readonly settling: number;
  /** The share of what is left to gain that one press, and one tap, gains. */
  readonly press: number;
  readonly tap: number;
}

/** Flour that stood for a while weighs a tenth more. An assumption of the technique cards. */
const SETTLING = 1.1;
/** A paste that was only spooned in holds so much air. An assumption. */
const AIR_POCKETS = 0.08;
/** What one press or one tap does. Assumptions. */
const PRESS = 0.3;
const FIRM_PRESS = 0.5;
const TAP = 0.12;
const LITTLE_TAP = 0.04;

/** How the ingredient of a task behaves. Null where no table knows what it weighs. */
export function materialOf(task: FillTask): Material | null {
  const target = targetGrams(task);
  if (target === null) return null;
  const by = (method: Method): number => {
    const { ingredient, form, size } = task;
    return densityOf({ ingredient, form, method, size })?.gramsPerMillilitre ?? NaN;
  };
  const asAsked = target / task.millilitres;
  const still = { sifted: null, dipped: null, settling: 1, press: 0, tap: 0 };
  switch (task.ingredient.class) {
    case 'powder':
      return {
        spooned: by('spooned'),
        sifted: by('sifted'),
        dipped: by('dipped'),
        densest: Math.max(by('tamped'), asAsked),
        settling: SETTLING,
        press: PRESS,
        tap: TAP,
      };
    case 'moist': {
      const packed = by('packed');
      return {
        ...still,
        spooned: by('loose'),
        densest: packed,
        press: FIRM_PRESS,
        tap: LITTLE_TAP,
      };
    }
    case 'chunk':
      return { ...still, spooned: by('level'), densest: by('packed'), press: TAP, tap: TAP };
    case 'paste':
    case 'solid-fat':
      return {
        ...still,
        spooned: asAsked * (1 - AIR_POCKETS),
        densest: asAsked,
        press: FIRM_PRESS,
        tap: TAP,
      };
    default:
      return { ...still, spooned: asAsked, densest: asAsked };
  }
}

/** No two fills are alike, even done alike: half of what usual fills scatter by. An assumption. */
export const fillScatter = ({ ingredient, method, size }: FillTask): number =>
  fillSpread(ingredient.class, method, size) / 2;
