import { likeSr, type Ingredient } from '../../catalogue/index.js';
import { row } from './row.js';

/** Nuts ground to a meal. */
export const NUTS_GROUND: readonly Ingredient[] = [
  row(
    'peanuts-ground',
    'Ground peanuts',
    ['powder', 'inclusion', 2, 'dry'],
    [['spooned', 'cup', 95, likeSr('12061')]],
    [
      'peanut powder',
      'crushed peanut powder',
      'peanut meal',
      'roasted peanut powder',
      'powdered peanut butter',
      'peanut flour',
      'peanut butter powder',
    ],
    ['peanuts'],
    { german: ['gemahlene Erdnüsse'], french: ['cacahuètes en poudre'] },
  ),
  row(
    'cashews-ground',
    'Ground nuts',
    ['powder', 'inclusion', 3, 'dry'],
    [['spooned', 'cup', 95, likeSr('12061')]],
    [
      'cashew powder',
      'cashew meal',
      'cashew flour',
      'kaju powder',
      'ground walnuts',
      'walnut meal',
      'ground pistachios',
      'pistachio flour',
      'pistachio meal',
      'pistachio powder',
      'ground pecans',
      'pecan meal',
      'nut meal',
      'mixed ground nuts',
      'lsa',
      'lsa mix',
      'ground brazil nuts',
    ],
    ['tree nuts'],
    {
      german: ['gemahlene Cashews'],
      french: ['poudre de pistaches', 'poudre de noix', 'pistaches en poudre', 'noix en poudre'],
    },
  ),
  row(
    'vanilla-powder',
    'Vanilla powder',
    ['powder', 'flavour', 5, 'dry', { bounded: 'vanilla' }],
    [['level', 'tsp', 2.3, likeSr('02030')]],
    ['ground vanilla', 'ground vanilla beans', 'vanilla bean powder', 'powdered vanilla'],
    [],
    {
      german: ['gemahlene Vanille', 'Vanillepulver', 'Bourbonvanille gemahlen'],
      french: ['vanille en poudre', 'poudre de vanille'],
    },
  ),
  row(
    'seeds-mixed',
    'Mixed seeds',
    ['granular', 'inclusion', 6, 'dry'],
    [['level', 'cup', 140, likeSr('12036')]],
    ['seed mix', 'omega seed mix', 'salad seed mix', 'four-seed mix'],
    ['sesame'],
    {
      german: ['Saatenmischung', 'Körnermischung', 'Kernemix'],
      french: ['mélange de graines', 'graines mélangées'],
    },
  ),
];
