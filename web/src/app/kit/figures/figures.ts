import { fixed } from '@ypsigram/contract';

/** A decimal figure with either mark, as people type it; null for anything else. */
export function decimal(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  return /^\d+(?:\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** Grams for reading: tenths below twenty, whole grams from there. */
export function grams(value: number): string {
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
