export type { CountAnswer } from './count.js';
export type { UnitAnswer } from './units.js';
export { ask, type QuickAnswer } from './ask.js';
export type { LengthAnswer } from './length.js';
export type { HeatAnswer } from './heat.js';
export type { InsteadAnswer } from './instead.js';
export { NO_ANSWERS, type MeasureAnswer, type NoAnswer, type QuickKitchen } from './measure.js';
export type { PanAnswer } from './pans.js';
export { questionsIn } from './question.js';
