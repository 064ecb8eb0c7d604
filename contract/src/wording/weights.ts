import { Fraction, mixed } from '@ypsigram/core/amount';
import { decimalsOf, type GridWeight } from '@ypsigram/core/fills';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';
import { GRAMS_PER_OUNCE } from '@ypsigram/core/units';
import { fixed, short } from './figures.js';

/** A pinch weighs no more, in grams. */
const PINCH_GRAMS = 0.1;
const OUNCES_TO_THE_POUND = 16;
const NOTCHES_TO_THE_POUND = 4 * OUNCES_TO_THE_POUND;

const inPounds = (pounds: number, rest: string | null): string =>
  [pounds > 0 ? `${pounds} lb` : null, rest].filter((part) => part !== null).join(' ');

function ouncesText({ onScale, grid, isUnderStep }: GridWeight): string {
  const step = grid / GRAMS_PER_OUNCE;
  const rounded = Number(step.toPrecision(6));
  if (isUnderStep) return `under ${short(rounded, 3)} oz`;
  const ounces = onScale / GRAMS_PER_OUNCE;
  const pounds = Math.floor(ounces / OUNCES_TO_THE_POUND + 1e-9);
  const rest = fixed(ounces - pounds * OUNCES_TO_THE_POUND, decimalsOf(rounded));
  return inPounds(pounds, `${rest} oz`);
}

/** Quarters of an ounce, as the notches of a beam go. */
function notchesText({ onScale }: GridWeight): string {
  const notches = Math.round(onScale / BEAM_NOTCH_GRAMS);
  const pounds = Math.floor(notches / NOTCHES_TO_THE_POUND);
  const ounces = new Fraction(notches - pounds * NOTCHES_TO_THE_POUND, 4);
  const isNone = pounds > 0 && ounces.equals(0);
  return inPounds(pounds, isNone ? null : `${mixed(ounces)} oz`);
}

function gramsParts({ grams, grid, isUnderStep, onScale }: GridWeight): WeightParts {
  if (isUnderStep) {
    const figure = `under ${short(grid, 3)}`;
    return grid <= PINCH_GRAMS
      ? { figure: `a pinch (${figure} g)`, unit: '' }
      : { figure, unit: 'g' };
  }
  // Of a premix the scale shows what it weighs together, whose step is not that of its part.
  const figure = onScale === grams ? fixed(grams, decimalsOf(grid)) : short(onScale, 2);
  return { figure, unit: 'g' };
}

/** A weight in its figure and its unit, where it has one unit. */
export interface WeightParts {
  readonly figure: string;
  /** Empty where the figure tells it: "1 lb 2.5 oz". */
  readonly unit: 'g' | '';
}

/** A weight as its scale shows it, for a column whose units stand apart. */
export function weightParts(weight: GridWeight): WeightParts {
  switch (weight.dial) {
    case 'g':
      return gramsParts(weight);
    case 'oz':
      return { figure: ouncesText(weight), unit: '' };
    case 'beam':
      return { figure: notchesText(weight), unit: '' };
  }
}

/** A weight as its scale shows it: "123 g", "1 lb 2.5 oz", "a pinch (under 0.1 g)". */
export function weightText(weight: GridWeight): string {
  const { figure, unit } = weightParts(weight);
  return unit === '' ? figure : `${figure} ${unit}`;
}
