import type { Ingredient } from '../../catalogue/index.js';
import { row } from './row.js';

/** Sugars and syrups beside the usual ones, and what is spread on bread. */
export const SPECIAL_SUGARS: readonly Ingredient[] = [
  row(
    'sugar-demerara',
    'Demerara sugar',
    ['granular', 'sugar', 1],
    ['level', 'cup', 210],
    ['demerara'],
  ),
  row(
    'sugar-turbinado',
    'Turbinado sugar',
    ['granular', 'sugar', 1],
    ['level', 'cup', 200],
    ['raw sugar', 'turbinado'],
  ),
  row(
    'sugar-coconut',
    'Coconut sugar',
    ['granular', 'sugar', 2],
    ['level', 'cup', 170],
    ['coconut palm sugar', 'palm sugar'],
  ),
  row(
    'jaggery',
    'Jaggery',
    ['moist', 'sugar', 5],
    ['packed', 'cup', 200],
    ['gur', 'grated jaggery', 'powdered jaggery'],
  ),
  row(
    'syrup-golden',
    'Golden syrup',
    ['syrup', 'sugar', 17],
    ['poured', 'cup', 340],
    ['light treacle', 'cane syrup'],
  ),
  row(
    'syrup-agave',
    'Agave syrup',
    ['syrup', 'sugar', 23],
    ['poured', 'cup', 335],
    ['agave nectar', 'agave'],
  ),
  row(
    'syrup-rice',
    'Rice syrup',
    ['syrup', 'sugar', 20],
    ['poured', 'cup', 335],
    ['brown rice syrup', 'rice malt syrup'],
  ),
  row(
    'malt-syrup',
    'Malt syrup',
    ['syrup', 'sugar', 22],
    ['poured', 'cup', 340],
    ['barley malt syrup', 'malt extract', 'barley malt extract'],
    ['barley'],
  ),
  row(
    'jam',
    'Jam',
    ['paste', 'sugar', 30],
    ['pressed', 'cup', 320, 'SR 19297'],
    [
      'preserves',
      'strawberry jam',
      'raspberry jam',
      'apricot jam',
      'fruit preserves',
      'fruit spread',
    ],
  ),
  row(
    'marmalade',
    'Marmalade',
    ['paste', 'sugar', 33],
    ['pressed', 'cup', 320, 'SR 19303'],
    ['orange marmalade'],
  ),
  row(
    'marshmallows-mini',
    'Mini marshmallows',
    ['chunk', 'sugar', 16],
    ['level', 'cup', 50, 'SR 19116'],
    ['miniature marshmallows', 'small marshmallows'],
  ),
  row(
    'dulce-de-leche',
    'Dulce de leche',
    ['paste', 'sugar', 29],
    ['pressed', 'cup', 300],
    ['milk caramel spread'],
    ['milk'],
  ),
];
