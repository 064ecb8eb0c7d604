import { Fraction } from '../../amount/index.js';

/** An amount told in spoons: "1 1/2 tsp". */
export interface SpoonAmount {
  readonly amount: Fraction;
  readonly unit: 'tsp' | 'tbsp' | 'cup';
}

const TEASPOONS = { tsp: 1, tbsp: 3, cup: 48 } as const;

/** Told in tablespoons from here, and in cups from here, in teaspoons. */
const TABLESPOONS_FROM = 3;
const CUPS_FROM = 12;

/**
 * About how many spoons of an ingredient a mass is: quarters of a teaspoon below a tablespoon,
 * halves of a tablespoon below a quarter cup, quarters of a cup from there. Null for less
 * than half of a quarter teaspoon: nobody can spoon that.
 *
 * @example
 * inSpoons(12, 4.2) // 1 tbsp: 12 g of sugar
 */
export function inSpoons(grams: number, gramsPerTeaspoon: number): SpoonAmount | null {
  const teaspoons = grams / gramsPerTeaspoon;
  const told = (unit: SpoonAmount['unit'], parts: number): SpoonAmount | null => {
    const count = Math.round((teaspoons / TEASPOONS[unit]) * parts);
    return count > 0 ? { amount: new Fraction(count, parts), unit } : null;
  };
  const small = told('tsp', 4);
  // What rounds up to a tablespoon is called one.
  if (!small || small.amount.compare(TABLESPOONS_FROM) < 0) return small;
  const middle = told('tbsp', 2)!;
  if (middle.amount.mul(TEASPOONS.tbsp).compare(CUPS_FROM) < 0) return middle;
  return told('cup', 4);
}
