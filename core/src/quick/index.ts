export type { CountAnswer } from './count.js';
export type { UnitAnswer } from './units.js';
export { ask, type QuickAnswer } from './ask.js';
export type { LengthAnswer } from './length.js';
export type { HeatAnswer } from './heat.js';
export type { InsteadAnswer } from './instead.js';
export { NO_ANSWERS, type MeasureAnswer, type NoAnswer } from './measure.js';
export type { QuickKitchen } from './quick-kitchen.js';
export type { PanAnswer } from './pans.js';
export { questionsIn } from './question.js';
export {
  CHART_MEASURES,
  conversionChart,
  type ChartCell,
  type ChartKitchen,
  type ConversionRow,
} from './conversion-chart.js';
