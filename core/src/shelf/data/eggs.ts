import { EGG_GRADES } from './sources.js';
import { sr, type Ingredient, type TableWeight } from '../../catalogue/index.js';

/** Of an egg in its shell, about this much is egg. */
const WITHOUT_SHELL = 0.88;

/**
 * European weight grades are set in the shell: S under 53 g, M 53 to 63, L 63 to 73, XL from
 * 73 g. An egg of a grade is taken in the middle of it, and of the open ones 5 g from the edge.
 */
const european = (form: string, inShell: number): TableWeight => ({
  form: `${form} (Europe)`,
  method: 'count',
  amount: 1,
  unit: 'each',
  grams: inShell * WITHOUT_SHELL,
  source: EGG_GRADES,
});

export const EGGS: readonly Ingredient[] = [
  {
    id: 'egg-whole',
    name: 'Whole egg',
    class: 'egg',
    role: 'egg',
    waterPercent: 76.2,
    keeps: 'fridge',
    hazards: ['raw-egg'],
    allergens: ['egg'],
    aliases: ['egg', 'eggs', 'egg wash', 'large egg beaten'],
    weights: [
      { form: 'small', method: 'count', amount: 1, unit: 'each', grams: 38, source: sr('01123') },
      { form: 'medium', method: 'count', amount: 1, unit: 'each', grams: 44, source: sr('01123') },
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 50, source: sr('01123') },
      {
        form: 'extra-large',
        method: 'count',
        amount: 1,
        unit: 'each',
        grams: 56,
        source: sr('01123'),
      },
      { form: 'jumbo', method: 'count', amount: 1, unit: 'each', grams: 63, source: sr('01123') },
      european('S', 48),
      european('M', 58),
      european('L', 68),
      european('XL', 78),
      { form: 'beaten', method: 'poured', amount: 1, unit: 'cup', grams: 243, source: sr('01123') },
    ],
  },
  {
    id: 'egg-white',
    name: 'Egg white',
    class: 'egg',
    role: 'egg',
    waterPercent: 87.6,
    keeps: 'fridge',
    hazards: ['raw-egg'],
    allergens: ['egg'],
    aliases: [
      'white of egg',
      'egg whites',
      'liquid egg whites',
      'liquid egg white',
      'pasteurised egg white',
      'carton egg whites',
      'pasteurized egg whites',
    ],
    otherNames: { german: ['Eiklar'] },
    weights: [
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 33, source: sr('01124') },
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 243, source: sr('01124') },
    ],
  },
  {
    id: 'egg-yolk',
    name: 'Egg yolk',
    class: 'egg',
    role: 'egg',
    waterPercent: 52.3,
    keeps: 'fridge',
    hazards: ['raw-egg'],
    allergens: ['egg'],
    aliases: ['yolk of egg', 'egg yolks', 'yolk'],
    otherNames: { german: ['Dotter', 'Eidotter'], french: ['jaunes', 'jaune'] },
    weights: [
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 17, source: sr('01125') },
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 243, source: sr('01125') },
    ],
  },
];
