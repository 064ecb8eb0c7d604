import type { ScaleUnit, ScaleWarning } from '@ypsigram/core/bench';

/** What a scale's units are called on its buttons. */
export const SCALE_UNIT_NAMES: Readonly<Record<ScaleUnit, string>> = {
  g: 'g',
  oz: 'oz',
  'lb-oz': 'lb:oz',
  ml: 'mL',
};

const grams = (value: number): string => `${value.toFixed(value < 20 ? 1 : 0)} g`;

/** What a scale seems to be used wrongly for, in a sentence with the way out. */
export function scaleWarningMessage(warning: ScaleWarning): string {
  switch (warning.code) {
    case 'not-tared':
      return (
        `Not tared: the ${warning.container} (${grams(warning.grams)}) is in this reading. ` +
        'Press tare with it empty.'
      );
    case 'wrong-unit':
      return `The scale shows ounces: this is ${grams(warning.grams)}.`;
    case 'not-water':
      return warning.realMillilitres === null
        ? 'mL on a scale takes everything for water. Read grams instead.'
        : `mL on a scale takes everything for water: this is ${warning.realMillilitres.toFixed(0)} mL, not ${warning.shownMillilitres.toFixed(0)}.`;
    case 'too-little':
      return (
        `So little is only sure to ± ${warning.halfStepGrams} g ` +
        `(${((100 * warning.halfStepGrams) / warning.grams).toFixed(0)} %) on this scale: ` +
        'use a finer one, or a spoon.'
      );
  }
}
