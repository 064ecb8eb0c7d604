import { fixed } from './figures.js';
import { decimalsOf } from '@ypsigram/core/fills';

/** What the usual scales are called until their owner names them. */
export const USUAL_SCALE_NAMES: Readonly<Record<string, string>> = {
  kitchen: 'kitchen scale',
  fine: 'fine scale',
};

/** A scale that is called by its step, in grams: it takes the place of none that is there. */
export const scaleName = (gridGrams: number): string =>
  `${fixed(gridGrams, decimalsOf(gridGrams))} g scale`;
