export { readFoods, type Food } from './food.js';
export { readVolume } from './measures.js';
export { publicTable, tableEntries, type TableEntry } from './public-table.js';
export { withTable, type PublicTable } from './with-table.js';
