export { factsOf, type Facts } from './facts.js';
export { celsiusOf, celsiusOfGas, FAN_OFFSET, gasMarkOf, type OvenSetting } from './oven.js';
export { panIn, type PanSize } from './pans.js';
export type { Purpose, TimeSpan } from './times.js';
