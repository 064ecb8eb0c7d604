import { Fraction } from '../amount/index.js';
import {
  USUAL_BALANCE,
  assembleRecipe,
  type AssembledRecipe,
  type Batch,
  type PlanningKitchen,
  type RecipeParts,
} from '../batch/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { USUAL_SCALES, defaultDrawer } from '../drawer/index.js';
import { readLine, readRecipe, type Line, type Reading } from '../reading/index.js';
import { USUAL_STANDARD } from '../units/index.js';

/** A recipe in US customary cups, of ingredients that everybody knows. */
export const readText = (text: string, standard = USUAL_STANDARD): Reading =>
  readRecipe(text, standard, BUILT_IN_SHELF);

/** A line by itself, likewise. */
export const readUsualLine = (written: string, standard = USUAL_STANDARD): Line =>
  readLine(written, standard, BUILT_IN_SHELF);

/** A batch with the usual tools, scales and ingredients, changed as a spec wants it. */
export const usualBatch = (change: Partial<Batch> = {}): Batch => ({
  factor: new Fraction(1),
  drawer: defaultDrawer(),
  shelf: BUILT_IN_SHELF,
  scales: USUAL_SCALES,
  ...change,
});

/** The usual kitchen, of nobody in particular. */
export const USUAL_PLANNING: PlanningKitchen = {
  drawer: defaultDrawer(),
  shelf: BUILT_IN_SHELF,
  scales: USUAL_SCALES,
  weighedIn: 'g',
  habits: {},
};

/** A recipe put together in the usual kitchen, changed as a spec wants it. */
export const usualRecipe = (reading: Reading, change: Partial<RecipeParts> = {}): AssembledRecipe =>
  assembleRecipe({
    reading,
    kitchen: USUAL_PLANNING,
    author: [],
    hand: [],
    methods: {},
    balance: USUAL_BALANCE,
    ...change,
  });

/** Buns that have everything a batch can be set by: pieces, eggs, masses. */
export const BUNS = readText(`Lock buns
Makes 12 buns

500 g bread flour
300 g water
10 g salt
2 large eggs
7 g instant yeast
1 tsp cinnamon`);
