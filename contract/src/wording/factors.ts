import { LARGEST_FACTOR, type FactorProblem } from '@ypsigram/core/factor';

/** What is wrong with a batch factor, and what to write instead. */
export const FACTOR_PROBLEMS: Readonly<Record<FactorProblem, string>> = {
  empty: 'Say how many times the recipe you want: 2, 1.5 or 3/2.',
  'not-a-number': 'That is not a number the batch can be multiplied by. Write 2, 1.5 or 3/2.',
  'not-positive': 'A batch needs a factor over zero. Write 1/2 for half of it.',
  'too-large': `A batch can be at most ${LARGEST_FACTOR} times the recipe.`,
};
