import { Fraction } from '../amount/index.js';
import { GRAMS_PER_OUNCE, millilitresIn } from '../units/index.js';
import type { Tool } from './tool.js';

/** How butter and other solid fats are sold in this kitchen, with marks to cut at. */
export const BLOCKS = ['stick', '250 g', '500 g', '1 lb'] as const;
/** One of `BLOCKS`: how butter is sold. */
export type Block = (typeof BLOCKS)[number];

const SHARED = { kind: 'block', name: null, size: 'cup', wash: 'knife' } as const;

/** What a cut at this mark is known by. */
const idOf = (nominal: number, unit: 'stick' | 'tbsp' | 'g' | 'oz'): string =>
  `block@${nominal} ${unit}`;

/** Marks on the wrapper of a stick of butter: half a US cup, in tablespoons. */
function stickMarks(): Tool[] {
  const stick = millilitresIn('cup', 'us-customary').div(2);
  const whole: Tool = {
    ...SHARED,
    id: idOf(1, 'stick'),
    millilitres: stick.valueOf(),
    stampedMillilitres: stick.valueOf(),
    nominal: new Fraction(1),
    unit: 'stick',
  };
  const spoons = Array.from({ length: 7 }, (_, index): Tool => {
    const nominal = new Fraction(index + 1);
    const millilitres = stick.div(8).mul(nominal).valueOf();
    const volume = { millilitres, stampedMillilitres: millilitres };
    return { ...SHARED, id: idOf(index + 1, 'tbsp'), ...volume, nominal, unit: 'tbsp' };
  });
  return [whole, ...spoons];
}

/**
 * Grams in a millilitre of butter, for the drawing of a mark only, since its mass is what it says.
 * From 227 g to the US cup (USDA Standard Reference 01001).
 */
const FAT_GRAMS_PER_MILLILITRE = 0.96;

function massMark(figure: number, unit: 'g' | 'oz'): Tool {
  const grams = unit === 'g' ? figure : figure * GRAMS_PER_OUNCE;
  return {
    ...SHARED,
    id: idOf(figure, unit),
    millilitres: grams / FAT_GRAMS_PER_MILLILITRE,
    stampedMillilitres: grams / FAT_GRAMS_PER_MILLILITRE,
    nominal: new Fraction(figure),
    unit,
    grams,
  };
}

const gramMarks = (step: number, block: number): Tool[] =>
  Array.from({ length: block / step }, (_, index) => massMark((index + 1) * step, 'g'));

const ounceMarks = (): Tool[] =>
  Array.from({ length: 16 }, (_, index) => massMark(index + 1, 'oz'));

/**
 * The marks to cut a block at. A stick is marked by volume, in tablespoons; a 250 g block every
 * 25 g, one of 500 g every 50 g, a pound every ounce.
 */
export function blockMarks(block: Block): Tool[] {
  switch (block) {
    case 'stick':
      return stickMarks();
    case '250 g':
      return gramMarks(25, 250);
    case '500 g':
      return gramMarks(50, 500);
    case '1 lb':
      return ounceMarks();
  }
}
