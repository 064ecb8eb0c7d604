import type { ScaleUnit, ScaleWarning } from '@ypsigram/core/bench';
import type { ScaleDescription } from '@ypsigram/core/drawer';
import { decimalsOf } from '@ypsigram/core/fills';
import { fixed } from './figures.js';

/** What scales are called until their owner names them. */
export const USUAL_SCALE_NAMES: Readonly<Record<ScaleDescription['kind'], string>> = {
  kitchen: 'kitchen scale',
  fine: 'fine scale',
  beam: 'beam scale',
};

/** A scale that is called by its step, in grams: it takes the place of none that is there. */
export const scaleName = (gridGrams: number): string =>
  `${fixed(gridGrams, decimalsOf(gridGrams))} g scale`;

/** What a scale's units are called on its buttons. */
export const SCALE_UNIT_NAMES: Readonly<Record<ScaleUnit, string>> = {
  g: 'g',
  oz: 'oz',
  'lb-oz': 'lb:oz',
  ml: 'mL',
};

const grams = (value: number): string => `${fixed(value, value < 20 ? 1 : 0)} g`;

/** What a scale seems to be used wrongly for, in a sentence with the way out. */
export function scaleWarningMessage(warning: ScaleWarning): string {
  switch (warning.code) {
    case 'not-tared':
      return (
        `Not tared: the ${warning.container} (${grams(warning.grams)}) is still being weighed. ` +
        'Empty it, press tare, then fill it.'
      );
    case 'wrong-unit':
      return `The scale shows ounces: this is ${grams(warning.grams)}.`;
    case 'not-water':
      return warning.realMillilitres === null
        ? 'In mL, a scale takes everything for water. Switch it to grams.'
        : `In mL, a scale takes everything for water: this is ${warning.realMillilitres.toFixed(0)} mL, not ${warning.shownMillilitres.toFixed(0)}.`;
    case 'too-little':
      return (
        `With so little, this scale may be ${warning.halfStepGrams} g off ` +
        `(${((100 * warning.halfStepGrams) / warning.grams).toFixed(0)} %): ` +
        'use a finer scale or a spoon.'
      );
  }
}
