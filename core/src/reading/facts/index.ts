export { factsOf, type TextFacts } from './facts.js';
export { clausesOf, deedAt, isOvenHeat, type Clause } from './clauses.js';
export type { Deed } from './deeds.js';
export { heatsIn, type Heat } from './heats.js';
export type { OvenSetting } from './oven.js';
export { panIn, type PanSize } from './pans.js';
export { sentencesOf } from './sentences.js';
export { isTimeSummary } from './summary.js';
export { purposeOf, type Purpose, type TimeSpan } from './times.js';
