export { Fraction } from 'fraction.js';
export { between, exactly, isRange, midpoint, scale, shift, type Amount } from './amount.js';
export { readAmount, type AmountMatch } from './read.js';
export { mixed, showKitchen } from './show.js';
export { VULGAR_FRACTIONS } from './vulgar.js';
export { NUMBER_WORDS, TENS_WORDS } from './words.js';
