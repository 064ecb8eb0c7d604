export { keptOf, type LineAct } from './line-act';
export { splitLine } from './split-line';
export { UnderstoodLine } from './understood-line';
