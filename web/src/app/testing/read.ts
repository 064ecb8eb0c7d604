import { Fraction } from '@ypsigram/core/amount';
import {
  USUAL_BALANCE,
  assembleRecipe,
  type AssembledRecipe,
  type Batch,
} from '@ypsigram/core/batch';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { USUAL_SCALES, defaultDrawer } from '@ypsigram/core/drawer';
import { readLine, readRecipe, type Line, type Reading } from '@ypsigram/core/reading';
import { USUAL_STANDARD } from '@ypsigram/core/units';

/** A recipe in US customary cups, of ingredients that everybody knows. */
export const readText = (text: string): Reading => readRecipe(text, USUAL_STANDARD, BUILT_IN_SHELF);

/** A line by itself, likewise. */
export const readUsualLine = (written: string): Line =>
  readLine(written, USUAL_STANDARD, BUILT_IN_SHELF);

/** A batch with the usual tools, scales and ingredients, changed as a spec wants it. */
export const usualBatch = (change: Partial<Batch> = {}): Batch => ({
  factor: new Fraction(1),
  drawer: defaultDrawer(),
  shelf: BUILT_IN_SHELF,
  scales: USUAL_SCALES,
  ...change,
});

/** A recipe put together in the usual kitchen. */
export const usualRecipe = (text: string): AssembledRecipe =>
  assembleRecipe({
    reading: readText(text),
    kitchen: {
      drawer: defaultDrawer(),
      shelf: BUILT_IN_SHELF,
      scales: USUAL_SCALES,
      weighedIn: 'g',
      habits: {},
    },
    author: [],
    hand: [],
    methods: {},
    balance: USUAL_BALANCE,
  });
