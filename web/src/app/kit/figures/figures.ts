import { fixed } from '@ypsigram/contract';

/** A decimal figure with either mark, as people type it; null for anything else. */
export function decimal(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  return /^\d+(?:\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** What a fine scale can show. */
const LEAST_GRAMS = 0.1;

/** Grams for reading: tenths below twenty, whole grams from there; what is less than a tenth so. */
export function grams(value: number): string {
  if (value > 0 && value < LEAST_GRAMS / 2) return `under ${fixed(LEAST_GRAMS, 1)}`;
  return fixed(value, Math.abs(value) < 20 ? 1 : 0);
}

/** A relative difference as a signed percentage with a true minus: "+4.2 %". */
export function signedPercent(share: number, digits = 1): string {
  const size = Math.abs(100 * share);
  const text = fixed(size, digits);
  const isNothing = Number(size.toFixed(digits)) === 0;
  return `${isNothing ? '±' : share < 0 ? '−' : '+'}${text} %`;
}

/** Signs that stand before the figure. */
const BEFORE = /^[$£¥₹]$/;

/** An amount of money: "3.97 €", "$3.97". */
export const money = (value: number, currency: string): string =>
  BEFORE.test(currency) ? `${currency}${fixed(value, 2)}` : `${fixed(value, 2)} ${currency}`;
