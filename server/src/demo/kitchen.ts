import { USUAL_KITCHEN, type Kitchen, type KitchenTool } from '@ypsigram/contract';
import { BEAM_NOTCH_GRAMS } from '@ypsigram/core/drawer';

/** The two who measure at the lock cottage. */
export const GREBE = '5d0c1c7e-0b7a-4f0e-9a55-3f6a6c1d2e01';
export const MOORHEN = '5d0c1c7e-0b7a-4f0e-9a55-3f6a6c1d2e02';

const SETS: Readonly<Record<KitchenTool['kind'], string>> = {
  cup: 'steel cups',
  spoon: 'ring of spoons',
  jug: 'glass jug',
};

/** The half teaspoon was weighed with water and holds 8 % too much. */
const HALF_TEASPOON = { grams: [2.65, 2.67, 2.64, 2.66], celsius: 19, grid: 0.01 };

const usual = USUAL_KITCHEN.tools.map((tool): KitchenTool => ({
  ...tool,
  set: SETS[tool.kind],
  calibration: tool.name === '1/2 tsp' ? HALF_TEASPOON : null,
}));

const price = (ingredientId: string, packGrams: number, cost: number) => ({
  ingredientId,
  packGrams,
  price: cost,
});

/** The kitchen of the lock cottage: what it measures with, and who measures. */
export const DEMO_KITCHEN: Kitchen = {
  ...USUAL_KITCHEN,
  currency: '€',
  decimalMark: '.',
  dateOrder: 'day',
  firstDay: 'monday',
  temperature: 'celsius',
  tools: [
    ...usual,
    {
      name: 'blue enamel mug',
      kind: 'cup',
      nominal: '310',
      unit: 'ml',
      set: null,
      aside: true,
      calibration: { grams: [302.4, 303.1, 302.7, 302.2], celsius: 19, grid: 0.1 },
    },
  ],
  scales: [
    ...USUAL_KITCHEN.scales,
    {
      name: 'lock-keeper’s beam',
      kind: 'beam',
      capacityGrams: 4535.9237,
      gridGrams: BEAM_NOTCH_GRAMS,
      units: ['oz'],
      hasTare: false,
    },
  ],
  containers: [
    { name: 'white enamel bowl', grams: 312 },
    { name: 'steel cup', grams: 78 },
    { name: 'jam jar', grams: 231 },
    { name: 'sheet of paper', grams: 5 },
  ],
  ingredients: [
    {
      id: 'own-toasted-barley-flour',
      name: 'Toasted barley flour',
      class: 'powder',
      role: 'flour',
      waterPercent: 9,
      allergens: ['gluten'],
      aliases: ['towpath barley flour'],
    },
  ],
  prices: [
    price('flour-wheat-all-purpose', 1500, 1.95),
    price('flour-wheat-bread', 1500, 2.4),
    price('flour-rye-medium', 1000, 2.1),
    price('oats-rolled', 1000, 1.8),
    price('sugar-granulated', 1000, 1.35),
    price('sugar-brown', 500, 1.5),
    price('butter', 250, 2.75),
    price('egg-whole', 600, 3.2),
    price('honey', 500, 5.4),
    price('walnuts', 200, 3.6),
    price('cardamom-ground', 50, 4.2),
    price('salt-table', 1000, 0.9),
  ],
  hands: [
    { id: GREBE, name: 'Grebe' },
    { id: MOORHEN, name: 'Moorhen' },
  ],
  handId: GREBE,
};
