export { weightIn } from './adjacent-measure.js';
export { PLAIN_QUANTITY, type Quantity, readQuantity } from './quantity.js';
export { lessBehind } from './sums.js';
export { match } from './unit-at.js';
