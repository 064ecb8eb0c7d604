import type { Method } from '../../catalogue/index.js';
import type { Rung } from '../../measuring/index.js';
import type { Unit } from '../../units/index.js';
import type { LineKind } from '../line.js';
import type { NoteCode } from '../note.js';

/** A written line and what reading it must give under US customary cups. What is absent is not checked. */
export interface ReadingCase {
  readonly text: string;
  readonly kind?: LineKind;
  readonly min?: number;
  /** Equal to `min` where absent. */
  readonly max?: number;
  readonly unit?: Unit;
  readonly ingredient?: string | null;
  readonly form?: string;
  readonly method?: Method;
  /** Intended mass, within 1 %. */
  readonly grams?: number;
  readonly basis?: Rung;
  readonly notes?: readonly NoteCode[];
}

export const READING_CASES: readonly ReadingCase[] = [
  {
    text: '2 cups all-purpose flour',
    min: 2,
    max: 2,
    unit: 'cup',
    ingredient: 'flour-wheat-all-purpose',
    method: 'spooned',
    grams: 250,
  },
  {
    text: '1 1/2 cups sifted cake flour',
    min: 1.5,
    max: 1.5,
    unit: 'cup',
    ingredient: 'flour-wheat-cake',
    method: 'sifted',
    grams: 144,
    notes: ['order-before'],
  },
  {
    text: '1½ cups cake flour, sifted',
    min: 1.5,
    max: 1.5,
    unit: 'cup',
    ingredient: 'flour-wheat-cake',
    method: 'spooned',
    grams: 163.5,
    notes: ['order-after'],
  },
  {
    text: '1 cup packed brown sugar',
    min: 1,
    unit: 'cup',
    ingredient: 'sugar-brown',
    method: 'packed',
    grams: 220,
  },
  {
    text: '3/4 cup brown sugar',
    min: 0.75,
    unit: 'cup',
    ingredient: 'sugar-brown',
    method: 'packed',
    grams: 165,
    notes: ['assumed-kind'],
  },
  {
    text: '1/2 teaspoon salt',
    min: 0.5,
    unit: 'tsp',
    ingredient: 'salt-table',
    grams: 3,
    notes: ['assumed-kind'],
  },
  { text: '2 T butter', min: 2, unit: 'tbsp', ingredient: 'butter', grams: 28.4 },
  { text: '2 t vanilla', min: 2, unit: 'tsp', ingredient: 'vanilla-extract', grams: 8.4 },
  {
    text: '1 stick butter, melted',
    min: 1,
    unit: 'stick',
    ingredient: 'butter',
    grams: 113,
    notes: ['order-after'],
  },
  { text: '8 fl oz milk', min: 8, unit: 'fl-oz', ingredient: 'milk-whole', grams: 244 },
  {
    text: '8 oz milk',
    min: 8,
    unit: 'fl-oz',
    ingredient: 'milk-whole',
    grams: 244,
    notes: ['ounce-read-as'],
  },
  {
    text: '8 oz flour',
    min: 8,
    unit: 'oz',
    ingredient: 'flour-wheat-all-purpose',
    grams: 226.8,
    notes: ['ounce-read-as'],
  },
  { text: '8 oz sour cream', min: 8, ingredient: 'cream-sour', notes: ['ounce-ambiguous'] },
  {
    text: '3 large eggs, beaten',
    min: 3,
    unit: 'each',
    ingredient: 'egg-whole',
    form: 'large',
    grams: 150,
  },
  {
    text: '2 egg whites',
    min: 2,
    unit: 'each',
    ingredient: 'egg-white',
    grams: 66,
    notes: ['assumed-kind'],
  },
  {
    text: '1 cup walnuts, chopped',
    min: 1,
    unit: 'cup',
    ingredient: 'walnuts',
    form: 'halves',
    grams: 100,
    notes: ['order-after'],
  },
  {
    text: '1 cup chopped walnuts',
    min: 1,
    unit: 'cup',
    ingredient: 'walnuts',
    form: 'chopped',
    grams: 117,
    notes: ['order-before'],
  },
  { text: '2-3 tbsp honey', min: 2, max: 3, unit: 'tbsp', ingredient: 'honey' },
  { text: '2 to 3 tablespoons water', min: 2, max: 3, unit: 'tbsp', ingredient: 'water' },
  {
    text: '1 cup plus 2 tablespoons bread flour',
    min: 1.125,
    unit: 'cup',
    ingredient: 'flour-wheat-bread',
    method: 'spooned',
    grams: 138.4,
  },
  {
    text: '1 1/4 cups (150 g) plain flour',
    min: 1.25,
    unit: 'cup',
    ingredient: 'flour-wheat-all-purpose',
    grams: 150,
    basis: 'stated',
  },
  {
    text: '2 cups (90 g) all-purpose flour',
    min: 2,
    unit: 'cup',
    ingredient: 'flour-wheat-all-purpose',
    notes: ['implausible-weight'],
  },
  {
    text: '250g strong white flour',
    min: 250,
    unit: 'g',
    ingredient: 'flour-wheat-bread',
    grams: 250,
  },
  { text: '1,5 dl melk', kind: 'unread' },
  { text: '150 ml double cream', min: 150, unit: 'ml', ingredient: 'cream-heavy', grams: 150.9 },
  { text: '1 tsp bicarbonate of soda', min: 1, unit: 'tsp', ingredient: 'baking-soda', grams: 4.6 },
  {
    text: '100 g icing sugar, plus extra for dusting',
    min: 100,
    unit: 'g',
    ingredient: 'sugar-powdered',
    grams: 100,
  },
  { text: 'a pinch of salt', unit: 'pinch', ingredient: 'salt-table', notes: ['nominal-size'] },
  { text: 'salt to taste', ingredient: 'salt-table', notes: ['no-amount'] },
  {
    text: '1 heaping teaspoon baking powder',
    min: 1,
    unit: 'tsp',
    ingredient: 'baking-powder',
    grams: 11.5,
    notes: ['nominal-size'],
  },
  {
    text: 'scant 1/2 cup oil',
    min: 0.5,
    unit: 'cup',
    ingredient: 'oil-vegetable',
    grams: 103.6,
    notes: ['nominal-size'],
  },
  {
    text: '1 (400 g) can coconut milk',
    min: 1,
    unit: 'each',
    ingredient: 'milk-coconut-canned',
    grams: 400,
    basis: 'stated',
  },
  {
    text: 'two 14-oz cans sweetened condensed milk',
    min: 2,
    unit: 'each',
    ingredient: 'milk-condensed-sweetened',
    grams: 793.8,
    basis: 'stated',
  },
  {
    text: '1 packet (7 g) dry yeast',
    min: 1,
    unit: 'packet',
    ingredient: 'yeast-active-dry',
    grams: 7,
  },
  { text: '½ cup kosher salt', ingredient: 'salt-coarse-light', notes: ['kind-ambiguous'] },
  {
    text: '1 cup dragonfruit powder',
    min: 1,
    unit: 'cup',
    ingredient: null,
    notes: ['unknown-ingredient'],
  },
  { text: 'For the glaze:', kind: 'heading' },
  { text: 'Makes 18 buns', kind: 'yield' },
  {
    text: 'one and a half cups rolled oats',
    min: 1.5,
    unit: 'cup',
    ingredient: 'oats-rolled',
    grams: 121.5,
  },
  { text: '1 lb. powdered sugar', min: 1, unit: 'lb', ingredient: 'sugar-powdered', grams: 453.6 },
  { text: '1/3 c. molasses', min: 0.3333, unit: 'cup', ingredient: 'molasses', grams: 112.3 },
  {
    text: 'Juice of 1 lemon',
    min: 1,
    unit: 'each',
    ingredient: 'juice-lemon',
    notes: ['nominal-size'],
  },
  { text: '0.5 cup cocoa', min: 0.5, unit: 'cup', ingredient: 'cocoa', grams: 43 },
  { text: '1 tablespoon cornflour', min: 1, unit: 'tbsp', ingredient: 'starch-corn' },
  { text: '- [ ] 1 cup sugar', min: 1, unit: 'cup', ingredient: 'sugar-granulated', grams: 200 },
  {
    text: '• 1 cup sugar, divided',
    min: 1,
    unit: 'cup',
    ingredient: 'sugar-granulated',
    grams: 200,
  },
];
