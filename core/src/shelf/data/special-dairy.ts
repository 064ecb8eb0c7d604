import type { Ingredient } from '../../catalogue/index.js';
import { row } from './row.js';

/** Fresh cheeses and creams, and milks and butters of plants. */
export const SPECIAL_DAIRY: readonly Ingredient[] = [
  row(
    'creme-fraiche',
    'Crème fraîche',
    ['paste', 'liquid', 60],
    ['pressed', 'cup', 235],
    ['creme fraiche'],
    ['milk'],
  ),
  row(
    'mascarpone',
    'Mascarpone',
    ['paste', 'fat', 46],
    ['pressed', 'cup', 235],
    ['mascarpone cheese'],
    ['milk'],
  ),
  row(
    'quark',
    'Quark',
    ['paste', 'liquid', 80],
    ['pressed', 'cup', 245],
    ['curd cheese', 'low-fat quark'],
    ['milk'],
  ),
  row(
    'paneer',
    'Paneer',
    ['chunk', 'inclusion', 53],
    ['level', 'cup', 130],
    ['grated paneer', 'crumbled paneer'],
    ['milk'],
  ),
  row(
    'milk-powder-whole',
    'Whole milk powder',
    ['powder', 'liquid', 3],
    ['spooned', 'cup', 128, 'SR 01090'],
    ['full cream milk powder', 'whole dry milk'],
    ['milk'],
  ),
  row(
    'malted-milk-powder',
    'Malted milk powder',
    ['powder', 'sugar', 3],
    ['spooned', 'cup', 110],
    ['malted milk'],
    ['milk', 'barley', 'wheat'],
  ),
  row(
    'milk-oat',
    'Oat milk',
    ['liquid', 'liquid', 90],
    ['poured', 'cup', 242],
    ['oat drink'],
    ['oats'],
  ),
  row(
    'milk-almond',
    'Almond milk',
    ['liquid', 'liquid', 97],
    ['poured', 'cup', 240],
    ['almond drink'],
    ['tree nuts'],
  ),
  row(
    'coconut-cream',
    'Coconut cream',
    ['liquid', 'liquid', 54],
    ['poured', 'cup', 240, 'SR 12115'],
    ['unsweetened coconut cream'],
  ),
  row(
    'butter-plant',
    'Plant butter',
    ['solid-fat', 'fat', 16],
    ['pressed', 'cup', 225],
    ['vegan butter', 'dairy-free butter', 'vegan block', 'plant-based butter'],
  ),
];
