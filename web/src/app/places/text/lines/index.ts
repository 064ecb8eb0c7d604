export { keptOf, type LineAct } from './line-act';
export { UnderstoodLine } from './understood-line';
