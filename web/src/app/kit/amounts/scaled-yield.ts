import { showKitchen, type Fraction } from '@ypsigram/core/amount';
import type { Yield } from '@ypsigram/core/reading';

/** What a recipe makes in this batch: "27 knots", "12 to 15 buns"; null where it gives no number. */
export function scaledYield(yields: Yield | null, factor: Fraction): string | null {
  if (!yields?.count) return null;
  const [min, max] = [yields.count.min, yields.count.max].map(
    (count) => showKitchen(count.mul(factor)).text,
  );
  const number = min === max ? min : `${min} to ${max}`;
  // "2 × 23 cm tin": two figures side by side need something between them.
  return /^\d/.test(yields.noun) ? `${number} × ${yields.noun}` : `${number} ${yields.noun}`;
}
