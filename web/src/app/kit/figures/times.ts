import { Fraction } from '@ypsigram/core/amount';
import { showFactor } from '@ypsigram/core/factor';

/** A factor as it is kept, to be read: "×1 1/2", and "×0.756" for "400/529". */
export const timesText = (factor: string): string => `×${showFactor(new Fraction(factor))}`;
