export { COLUMNS, USUAL_BALANCE, type Balance, type Columns, type Trying } from './balance.js';
export type { KindChoice, LineChoice } from './line-choice.js';
