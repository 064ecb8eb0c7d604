import { Fraction, mixed } from '@ypsigram/core/amount';
import type { Makes } from '@ypsigram/core/bench';
import { counted } from './counted.js';

/** What a batch makes: "36 knots", "2 × 23 cm tin". */
export function makesText({ count, noun, written }: Makes): string {
  const pieces = new Fraction(count);
  return counted(mixed(pieces), pieces.valueOf(), noun, written);
}
