import { Fraction } from 'fraction.js';

/** The denominators a baker has cups and spoons for, coarse to fine. */
export const KITCHEN_DENOMINATORS = [1, 2, 3, 4, 6, 8, 16] as const;

/**
 * The nearest fraction a baker uses: halves, thirds, quarters, sixths, eighths or sixteenths.
 * Of equally near ones the coarser wins. The result is within 1/32 of the value.
 */
export function nearestKitchenFraction(value: Fraction): Fraction {
  const x = value.valueOf();
  let best = { numerator: Math.round(x), denominator: 1, error: Math.abs(Math.round(x) - x) };
  for (const denominator of KITCHEN_DENOMINATORS) {
    const numerator = Math.round(x * denominator);
    const error = Math.abs(numerator / denominator - x);
    // The epsilon keeps float noise from preferring 6/16 to 3/8.
    if (error < best.error - 1e-12) best = { numerator, denominator, error };
  }
  return new Fraction(best.numerator, best.denominator);
}

/**
 * A fraction as a baker writes it: `1 3/4`, `2`, `1/3`. Exact, no rounding.
 *
 * @example
 * mixed(new Fraction(7, 4)) // "1 3/4"
 */
export function mixed(value: Fraction): string {
  return value.toFraction(true);
}

/**
 * An amount as a baker would say it: the nearest kitchen fraction, and whether that is exact.
 * A value too small for any kitchen fraction is shown with two significant decimals instead
 * of as zero.
 *
 * @example
 * showKitchen(new Fraction('0.34')) // { text: "1/3", exact: false }
 */
export function showKitchen(value: Fraction): { readonly text: string; readonly exact: boolean } {
  const nearest = nearestKitchenFraction(value);
  if (nearest.equals(0) && !value.equals(0)) {
    return { text: String(Number(value.valueOf().toPrecision(2))), exact: false };
  }
  return { text: mixed(nearest), exact: nearest.equals(value) };
}
