/** A decimal figure with either mark, as people type it; null for anything else. */
export function decimal(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  return /^\d+(?:\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** Grams for reading: tenths below twenty, whole grams from there. */
export function grams(value: number): string {
  return value.toFixed(Math.abs(value) < 20 ? 1 : 0);
}

/** A relative difference as a signed percentage with a true minus: "+4.2 %". */
export function signedPercent(share: number, digits = 1): string {
  const text = Math.abs(100 * share).toFixed(digits);
  const isNothing = Number(text) === 0;
  return `${isNothing ? '±' : share < 0 ? '−' : '+'}${text} %`;
}
