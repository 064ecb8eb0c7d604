export type { Table, TableProblem } from './cells.js';
export { readTrialTable, trialTable } from './trial-table.js';
export { readWeightTable, weightTable } from './weight-table.js';
