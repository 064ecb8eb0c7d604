import type { AskedSetting, Pan } from '@ypsigram/core/factor';
import { short } from './figures.js';

const CENTIMETRES_IN_INCH = 2.54;
/** Half inches are told as such: no tin is 22.9 cm wide. */
const INCH_PARTS = 2;
const HUNDREDTHS = 100;

const isRound = (value: number): boolean =>
  Math.abs(value - Math.round(value * HUNDREDTHS) / HUNDREDTHS) < 1e-9;

/** Sides of a tin as its maker tells them: "20 cm", "33 × 23 cm", "9 in". */
function sides(...centimetres: readonly number[]): string {
  const inches = centimetres.map((side) => (side / CENTIMETRES_IN_INCH) * INCH_PARTS);
  const areInches =
    !centimetres.every(Number.isInteger) &&
    inches.every((half) => isRound(half) && Math.abs(half - Math.round(half)) < 0.02);
  return areInches
    ? `${inches.map((half) => short(Math.round(half) / INCH_PARTS, 2)).join(' × ')} in`
    : `${centimetres.map((side) => short(side, 3)).join(' × ')} cm`;
}

/** "a 20 cm tin", "an 18 cm tin": eight, eleven and eighteen begin with a vowel when said. */
const articleOf = (name: string): string => (/^(?:8|11\b|18\b)/.test(name) ? 'an' : 'a');

/** What a tin is called: "20 cm round tin", "33 × 23 cm tin", "12 moulds of 80 mL". */
export function panName(pan: Pan): string {
  switch (pan.shape) {
    case 'round':
      return `${sides(pan.diameterCm)} round tin`;
    case 'square':
      return `${sides(pan.sideCm)} square tin`;
    case 'rectangle':
      return `${sides(pan.lengthCm, pan.widthCm)} tin`;
    case 'ring':
      return `${sides(pan.diameterCm)} ring tin`;
    case 'moulds':
      return `${pan.count} moulds of ${short(pan.millilitresEach, 3)} mL`;
  }
}

/**
 * What a batch is for, as it was asked: "for a 20 cm round tin", "for 900 g of dough".
 *
 * @param nameOf what an ingredient is called
 */
export function askedText(asked: AskedSetting, nameOf: (ingredientId: string) => string): string {
  switch (asked.by) {
    case 'pan': {
      const name = panName(asked.to);
      return asked.to.shape === 'moulds' ? `for ${name}` : `for ${articleOf(name)} ${name}`;
    }
    case 'pieces':
      return `for ${short(asked.pieces, 3)} pieces`;
    case 'portions':
      return `for ${short(asked.pieces, 3)} pieces of ${short(asked.gramsEach, 3)} g`;
    case 'total':
      return `for ${short(asked.grams, 4)} g of dough`;
    case 'eggs':
      return `for ${short(asked.eggs, 3)} ${asked.eggs === 1 ? 'egg' : 'eggs'}`;
    case 'limit':
      return `as much as ${asked.limits
        .map(
          ({ ingredientId, grams }) => `${short(grams, 4)} g ${nameOf(ingredientId).toLowerCase()}`,
        )
        .join(' and ')} allow`;
  }
}

/** So little does not show in a tin. Relative. */
const UNSEEN = 0.01;

/**
 * How deep the batter stands in a tin beside the recipe's own: "8 % shallower"; null where it is as
 * deep. Of moulds, how full they are.
 *
 * @param relative how much more is in it than what fits, relative
 */
export function depthText(relative: number, { shape }: Pan): string | null {
  if (Math.abs(relative) < UNSEEN) return null;
  const words = shape === 'moulds' ? ['less', 'more'] : ['shallower', 'deeper'];
  const percent = `${Math.round(100 * Math.abs(relative))} % ${words[relative < 0 ? 0 : 1]}`;
  return shape === 'moulds' ? `${percent} in each mould` : `${percent} in the tin`;
}
