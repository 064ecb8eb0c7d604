export type { UnitAnswer } from './units.js';
export { ask, type QuickAnswer } from './ask.js';
export type { HeatAnswer } from './heat.js';
export type { InsteadAnswer } from './instead.js';
export type { MeasureAnswer, NoAnswer, QuickKitchen } from './measure.js';
export type { PanAnswer } from './pans.js';
