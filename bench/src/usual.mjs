// The usual kitchen, for all that is measured without a server.
import { assembleRecipe } from '@ypsigram/core/batch';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { USUAL_SCALES, defaultDrawer } from '@ypsigram/core/drawer';
import { readRecipe } from '@ypsigram/core/reading';

export const read = (text, standard = 'us-customary') => readRecipe(text, standard, BUILT_IN_SHELF);

/** A batch by this factor, with other tools where they are named. */
export const batchOf = (factor, drawer = defaultDrawer()) => ({
  factor,
  drawer,
  shelf: BUILT_IN_SHELF,
  scales: USUAL_SCALES,
});

export const recipeOf = (reading, drawer = defaultDrawer()) =>
  assembleRecipe({
    reading,
    kitchen: { drawer, shelf: BUILT_IN_SHELF, scales: USUAL_SCALES, weighedIn: 'g', habits: {} },
    author: [],
    hand: [],
    methods: {},
    balance: { lines: {}, strictness: 'normal', kind: null },
  });
