export { factsOf, type Facts } from './facts.js';
export type { OvenSetting } from './oven.js';
export type { PanSize } from './pans.js';
export type { Purpose, TimeSpan } from './times.js';
