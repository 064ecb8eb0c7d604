import { USUAL_SCALES, USUAL_TOOLS } from '@ypsigram/core/drawer';
import { USUAL_SCALE_NAMES } from './wording/scale.js';
import type { Kitchen } from './kitchen.js';

/** The usual kitchen, before its owner has said anything. */
export const USUAL_KITCHEN: Kitchen = {
  standard: 'us-customary',
  tools: USUAL_TOOLS.map(({ name, kind, nominal, unit }) => ({
    name,
    kind,
    nominal: nominal.toFraction(true),
    unit,
    set: null,
    aside: false,
    calibration: null,
  })),
  block: 'stick',
  scales: USUAL_SCALES.map((scale) => ({
    ...scale,
    name: USUAL_SCALE_NAMES[scale.kind],
    units: ['g', 'oz', 'lb-oz', 'ml'],
  })),
  containers: [],
  ovens: [],
  weights: [],
  ingredients: [],
  answers: [],
  prices: [],
  currency: null,
  decimalMark: null,
  dateOrder: null,
  firstDay: null,
  temperature: null,
  letterKeys: true,
  getsWebPages: true,
  hands: [],
  handId: null,
  weighedIn: 'g',
  habits: {},
  revision: 0,
};
