import type { Ingredient } from '../ingredient.js';

export const EGGS: readonly Ingredient[] = [
  {
    id: 'egg-whole',
    name: 'Whole egg',
    class: 'egg',
    role: 'egg',
    waterPercent: 76.2,
    allergens: ['egg'],
    aliases: ['egg', 'eggs'],
    weights: [
      { form: 'small', method: 'count', amount: 1, unit: 'each', grams: 38, source: 'SR 01123' },
      { form: 'medium', method: 'count', amount: 1, unit: 'each', grams: 44, source: 'SR 01123' },
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 50, source: 'SR 01123' },
      {
        form: 'extra-large',
        method: 'count',
        amount: 1,
        unit: 'each',
        grams: 56,
        source: 'SR 01123',
      },
      { form: 'jumbo', method: 'count', amount: 1, unit: 'each', grams: 63, source: 'SR 01123' },
      { form: 'beaten', method: 'poured', amount: 1, unit: 'cup', grams: 243, source: 'SR 01123' },
    ],
  },
  {
    id: 'egg-white',
    name: 'Egg white',
    class: 'egg',
    role: 'egg',
    waterPercent: 87.6,
    allergens: ['egg'],
    aliases: ['white of egg', 'egg whites'],
    weights: [
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 33, source: 'SR 01124' },
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 243, source: 'SR 01124' },
    ],
  },
  {
    id: 'egg-yolk',
    name: 'Egg yolk',
    class: 'egg',
    role: 'egg',
    waterPercent: 52.3,
    allergens: ['egg'],
    aliases: ['yolk of egg', 'egg yolks'],
    weights: [
      { form: 'large', method: 'count', amount: 1, unit: 'each', grams: 17, source: 'SR 01125' },
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 243, source: 'SR 01125' },
    ],
  },
];
