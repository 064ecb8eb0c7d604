import type { Fraction } from 'fraction.js';

/**
 * A written quantity, exactly as meant. A plain amount has `min` equal to `max`;
 * "2 to 3" keeps both ends. The unit is kept beside it, not in it.
 */
export interface Amount {
  readonly min: Fraction;
  readonly max: Fraction;
}

/** An amount that is one exact figure. */
export function exactly(value: Fraction): Amount {
  return { min: value, max: value };
}

/** An amount between two figures, lower one first whatever order they come in. */
export function between(a: Fraction, b: Fraction): Amount {
  return a.compare(b) <= 0 ? { min: a, max: b } : { min: b, max: a };
}

/** Whether an amount has two different ends: "2 to 3". */
export function isRange(amount: Amount): boolean {
  return amount.min !== amount.max && !amount.min.equals(amount.max);
}

/** The middle of a range, the figure itself otherwise. Exact. */
export function midpoint(amount: Amount): Fraction {
  return isRange(amount) ? amount.min.add(amount.max).div(2) : amount.min;
}

/** The amount times an exact factor. */
export function scale(amount: Amount, factor: Fraction): Amount {
  const min = amount.min.mul(factor);
  return isRange(amount) ? { min, max: amount.max.mul(factor) } : exactly(min);
}

/** Both ends moved by the same amount: "1 cup plus 2 tbsp" is one cup shifted by an eighth. */
export function shift(amount: Amount, by: Fraction): Amount {
  return { min: amount.min.add(by), max: amount.max.add(by) };
}
