import type { Unit } from '@ypsigram/core/units';

const NAMES: Readonly<Record<Unit, readonly [one: string, several: string]>> = {
  cup: ['cup', 'cups'],
  tbsp: ['tbsp', 'tbsp'],
  tsp: ['tsp', 'tsp'],
  'fl-oz': ['fl oz', 'fl oz'],
  pint: ['pint', 'pints'],
  quart: ['quart', 'quarts'],
  gallon: ['gallon', 'gallons'],
  ml: ['mL', 'mL'],
  dl: ['dL', 'dL'],
  l: ['L', 'L'],
  g: ['g', 'g'],
  kg: ['kg', 'kg'],
  oz: ['oz', 'oz'],
  lb: ['lb', 'lb'],
  stick: ['stick', 'sticks'],
  pinch: ['pinch', 'pinches'],
  dash: ['dash', 'dash'],
  smidgen: ['smidgen', 'smidgen'],
  drop: ['drop', 'drops'],
  packet: ['packet', 'packets'],
  each: ['×', '×'],
};

/** A unit as it stands behind an amount: "cup", "cups", "mL". */
export const unitName = (unit: Unit, isSeveral: boolean): string => NAMES[unit][isSeveral ? 1 : 0];
