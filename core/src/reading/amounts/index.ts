export { weightIn } from './adjacent-measure.js';
export { PLAIN_QUANTITY, type Quantity, readQuantity } from './quantity.js';
export { match } from './unit-at.js';
