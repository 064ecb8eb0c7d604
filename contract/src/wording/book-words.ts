import type { Paper } from '../papers.js';

const PAPER_NAMES: Readonly<Record<Paper, string>> = {
  a4: 'A4',
  letter: 'Letter',
  a5: 'A5',
  'a5-folded': 'A5, folded from A4',
};

/** What stands in a book of recipes around the recipes themselves. */
export const BOOK_WORDS = {
  untitled: 'Our recipes',
  contents: 'Contents',
  index: 'By ingredient',
  chart: 'What a cup weighs here',
  chartNote: (cups: string): string =>
    `In grams, with ${cups} cups and spoons, filled the usual way. Nine of ten careful fills lie in the range.`,
  made: (recipes: number, date: string): string =>
    `${recipes} ${recipes === 1 ? 'recipe' : 'recipes'}, ${date}`,
  batch: 'Batch',
  makes: (pieces: string): string => `makes ${pieces}`,
  dough: (grams: string): string => `${grams} g in all`,
  written: 'As written',
  measure: 'Measure',
  weigh: 'Weigh',
  method: 'Method',
  allergens: 'Allergens',
  allergenCaution: 'Kinds and makers differ: read the package.',
  noWeight: 'no weight yet: in no total',
  weighIt: 'weigh it',
  ingredient: 'Ingredient',
  filled: 'Filled',
  print: 'Print',
  papers: PAPER_NAMES,
  howToFold:
    'Print on both sides of A4, turned over the short edge. Lay the sheets in each other as they come, and fold them in the middle.',
  save: 'Save as one file',
  by: (author: string): string => `by ${author}`,
} as const;
