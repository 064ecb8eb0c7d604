import type { Ingredient } from '../../catalogue/index.js';

export const LIQUIDS_AND_CHOCOLATE: readonly Ingredient[] = [
  {
    id: 'water',
    name: 'Water',
    class: 'liquid',
    role: 'liquid',
    waterPercent: 100,
    allergens: [],
    aliases: ['warm water', 'cold water', 'boiling water', 'tepid water'],
    weights: [
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 237, source: 'SR 14411' },
    ],
  },
  {
    id: 'chocolate-chips',
    name: 'Semisweet chocolate chips',
    class: 'chunk',
    role: 'inclusion',
    waterPercent: 0.7,
    allergens: ['milk', 'soy'],
    aliases: [
      'chocolate chunks',
      'semi-sweet chocolate chips',
      'dark chocolate chunks',
      'chocolate chips',
      'dark chocolate chips',
      'semi-sweet chips',
      'semisweet chips',
      'semi-sweet morsels',
      'semisweet morsels',
      'chocolate morsels',
    ],
    otherNames: {
      german: ['Schokotropfen', 'Schokoladentropfen', 'Schokostückchen', 'Chocolate Chips'],
      french: ['pépites de chocolat', 'pépites de chocolat noir'],
    },
    loosely: ['chocolate chip', 'choc chips'],
    weights: [
      { form: null, method: 'level', amount: 1, unit: 'cup', grams: 168, source: 'SR 19080' },
      { form: 'mini', method: 'level', amount: 1, unit: 'cup', grams: 173, source: 'SR 19080' },
      { form: 'large', method: 'level', amount: 1, unit: 'cup', grams: 182, source: 'SR 19080' },
    ],
  },
  {
    id: 'vinegar-cider',
    name: 'Cider vinegar',
    class: 'liquid',
    role: 'liquid',
    waterPercent: 93.8,
    allergens: [],
    aliases: ['apple cider vinegar'],
    otherNames: { german: ['Apfelessig'], french: ['vinaigre de cidre'] },
    loosely: ['vinegar'],
    weights: [
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 239, source: 'SR 02048' },
      { form: null, method: 'poured', amount: 1, unit: 'tbsp', grams: 14.9, source: 'SR 02048' },
    ],
  },
  {
    id: 'coffee-brewed',
    name: 'Brewed coffee',
    class: 'liquid',
    role: 'liquid',
    waterPercent: 99.4,
    allergens: [],
    aliases: ['coffee', 'coffee infusion', 'strong coffee', 'espresso'],
    otherNames: { german: ['Kaffee', 'starker Kaffee'], french: ['café', 'café fort'] },
    weights: [
      { form: null, method: 'poured', amount: 1, unit: 'cup', grams: 237, source: 'SR 14209' },
    ],
  },
];
